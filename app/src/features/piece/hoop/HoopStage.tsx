import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import { type HoopOffer, hoopingAtHand } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Text } from '@/ui/Text'
import { StageButton } from '../StageButton'
import type { StageProps } from '../StageProps'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { AboutPiece } from '../AboutPiece'
import { CutFold } from './CutFold'
import { DialIn } from './DialIn'
import { HoldingStepsFold, HoldSection } from './HoldSection'
import { HoopShelf } from './HoopShelf'
import { LineUpFold } from './LineUpFold'
import { LoadedCautions, LoadFold } from './LoadFold'
import { MovedParts, PartToMove } from './MovedParts'
import { RowHoopings } from './RowHoopings'
import { OnPiece, WhichHoop } from './WhichHoop'
import { WhichMachine } from './WhichMachine'

/** Hoop: which one, what to dial, how the cloth is held in it, and a line for each thing that is settled. */
export function HoopStage({ tools, onDone }: StageProps) {
  const plan = useHoopPlan(tools)
  const { chosen } = plan
  const at = chosen?.fits ? hoopingAtHand(tools.piece, plan, tools.marked) : null
  return (
    <>
      <ChosenHoop tools={tools} />
      {at ? <DialIn tools={tools} at={at} /> : null}
      <MovedParts tools={tools} />
      <HoldSection tools={tools} />
      {at ? <LoadedCautions tools={tools} at={at} /> : null}
      {at ? <RowHoopings tools={tools} /> : null}
      <WhichMachine tools={tools} />
      {at ? <LoadFold tools={tools} at={at} /> : null}
      <HoldingStepsFold tools={tools} />
      {at ? <CutFold tools={tools} /> : null}
      {at ? <LineUpFold tools={tools} /> : null}
      <HoopShelf tools={tools} />
      {chosen?.fits ? <OnPiece tools={tools} choice={chosen} /> : null}
      <AboutPiece piece={tools.piece} />
      <ThumbBar>
        <KeepIt tools={tools} onDone={onDone} />
      </ThumbBar>
    </>
  )
}

function KeepIt({ tools, onDone }: Pick<StageProps, 'tools' | 'onDone'>) {
  const { ranked, chosen, hoop } = useHoopPlan(tools)
  if (tools.shelf.hoops.length === 0) return <StageButton title={t('go-on-without-a-hoop')} onPress={onDone} />
  return (
    <>
      {chosen?.fits ? null : <Text soft>{whyNot(ranked)}</Text>}
      <StageButton
        title={chosen ? t('use', { name: String(hoop?.name) }) : t('use-this-hoop')}
        disabled={!chosen?.fits}
        onPress={onDone}
      />
    </>
  )
}

const whyNot = (ranked: readonly HoopOffer[]): string =>
  ranked.some((c) => c.fits) ? t('choose-a-hoop-that-fits') : t('no-hoop-fits-it')

function titleOf(chosen: HoopOffer | null, name: string | undefined, fitting: boolean): string {
  if (chosen) return chosen.fits ? t('fits', { name: String(name) }) : t('doesnt-fit', { name: String(name) })
  return fitting ? t('choose-a-hoop') : t('no-hoop-fits')
}

/** How the next of several designs is hooped. */
const hoopMore: Partial<Record<string, string>> = {
  corners: t('hoop-each-corner-the-same'),
  ends: t('hoop-the-other-end-the'),
  scatter: t('hoop-each-motif-by-its'),
}

/** What the hoop that is picked comes to, or what to pick by. */
function ChosenHoop({ tools }: { tools: PieceTools }) {
  const { plan, marked, shelf } = tools
  const { ranked, chosen, hoop } = useHoopPlan(tools)
  const fitting = ranked.some((c) => c.fits)
  const more = (marked.placed?.copies.length ?? 0) > 1 ? hoopMore[plan.rule.arrange] : undefined
  const says = marked.placed?.row ? t('fewest-hoopings-first') : t('best-first-room-to-spare')
  return (
    <Section title={titleOf(chosen, hoop?.name, fitting)} says={chosen || !fitting ? undefined : says}>
      {chosen && hoop ? <WhichHoop tools={tools} choice={chosen} hoop={hoop} /> : null}
      {more ? <Text>{more}</Text> : null}
      {shelf.hoops.length > 0 && !fitting ? <NoHoop tools={tools} ranked={ranked} /> : null}
      {shelf.hoops.length === 0 ? <NoShelf /> : null}
    </Section>
  )
}

function NoHoop({ tools, ranked }: { tools: PieceTools; ranked: HoopOffer[] }) {
  const { plan, marked } = tools
  const least = Math.min(...ranked.map((c) => -c.fit.clearance))
  const tooLarge = ranked.every((c) => !c.fit.fits)
  const { width, height } = marked.design
  const text = tooLarge
    ? t('at-the-design-is-at', {
        write: plan.write(width),
        write2: plan.write(height),
        write3: plan.write(Math.ceil(least)),
      })
    : t('some-hoops-are-large-enough')
  return (
    <>
      <AdviceBar advice={{ code: 'no-hoop', text, severity: 'stop' }} />
      <PartToMove tools={tools} />
    </>
  )
}

function NoShelf() {
  const router = useRouter()
  return (
    <>
      <Text>{t('you-have-no-hoop-in')}</Text>
      <Button type="outline" title={t('add-a-hoop')} onPress={() => router.push('/stash/hoop/new')} />
    </>
  )
}
