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
import { AddedLine } from './AddedLine'
import { CutSizes } from './CutSizes'
import { HoldSection } from './HoldSection'
import { HoopShelf } from './HoopShelf'
import { LineUpSection } from './LineUpSection'
import { LoadSection } from './LoadSection'
import { MovedParts, PartToMove } from './MovedParts'
import { WhichHoop } from './WhichHoop'
import { WhichMachine } from './WhichMachine'

/** Hoop: which ring, how the piece is held in it, which way up it is loaded, and what to dial. */
export function HoopStage({ tools, onDone }: StageProps) {
  const plan = useHoopPlan(tools)
  const { ranked, chosen } = plan
  const at = chosen?.fits ? hoopingAtHand(tools.piece, plan, tools.marked) : null
  return (
    <>
      <ChosenHoop tools={tools} />
      <MovedParts tools={tools} />
      {plan.added ? (
        <Section>
          <AddedLine added={plan.added} />
        </Section>
      ) : null}
      {at ? <LoadSection tools={tools} at={at} /> : null}
      <WhichMachine tools={tools} />
      <HoldSection tools={tools} />
      {at ? <CutSizes tools={tools} /> : null}
      {at ? <LineUpSection tools={tools} /> : null}
      <Section title={chosen ? 'Hoops on the shelf' : undefined}>
        <HoopShelf tools={tools} ranked={ranked} chosen={chosen?.hoop ?? null} />
      </Section>
      <ThumbBar>
        <KeepIt tools={tools} onDone={onDone} />
      </ThumbBar>
    </>
  )
}

function KeepIt({ tools, onDone }: Pick<StageProps, 'tools' | 'onDone'>) {
  const { ranked, chosen, hoop } = useHoopPlan(tools)
  if (tools.shelf.hoops.length === 0) return <StageButton title="Go on without a hoop" onPress={onDone} />
  return (
    <>
      {chosen?.fits ? null : <Text soft>{whyNot(ranked)}</Text>}
      <StageButton
        title={chosen ? `Keep this hooping: ${hoop?.name}` : 'Keep this hooping'}
        disabled={!chosen?.fits}
        onPress={onDone}
      />
    </>
  )
}

const whyNot = (ranked: readonly HoopOffer[]): string =>
  ranked.some((c) => c.fits) ? 'Pick one of the hoops that take it first.' : 'No hoop takes it as it is.'

function titleOf(chosen: HoopOffer | null, name: string | undefined, fitting: boolean): string {
  if (chosen) return chosen.fits ? `${name}: it fits` : `${name}: it does not fit`
  return fitting ? 'Choose a hoop' : 'No hoop takes it'
}

/** How the next of several designs is hooped. */
const hoopMore: Partial<Record<string, string>> = {
  corners: 'Hoop each corner the same way, turning the piece a quarter turn from one to the next.',
  ends: 'Hoop the other end the same way, with the piece turned half round.',
  scatter: 'Hoop each motif by its own cross.',
}

/** What the hoop that is picked comes to, or what to pick by. */
function ChosenHoop({ tools }: { tools: PieceTools }) {
  const { plan, marked, shelf } = tools
  const { ranked, chosen, hoop } = useHoopPlan(tools)
  const fitting = ranked.some((c) => c.fits)
  const more = (marked.placed?.copies.length ?? 0) > 1 ? hoopMore[plan.rule.arrange] : undefined
  const says = marked.placed?.row
    ? 'The one that takes the row in the fewest hoopings comes first.'
    : 'The one that suits best comes first: room to spare, then the least backing.'
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
    ? `The design is too large for every hoop: ${plan.write(width)} by ${plan.write(height)}, over by ${plan.write(Math.ceil(least))} at least. Take a smaller design, split it, or put a larger hoop in the stash.`
    : 'Some fields are large enough, but their rings cannot go there. Float the piece, or take a smaller design.'
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
      <Text>
        There is no hoop in the stash yet: put yours in, as measured, and you come back here with it tried. Or go on
        without one.
      </Text>
      <Button type="outline" title="Put in a hoop" onPress={() => router.push('/stash/hoop/new')} />
    </>
  )
}
