import { holdingNames } from '@thimble/language'
import { hoop as t } from '@thimble/language/en/hoop'
import type { HoopDecision as Kept } from '@thimble/contract'
import { hoopingAtHand, isDone, loadingAtHand, reasonsOf, triesOf, wayNames, withAdded } from '@thimble/plan'
import { InHoop } from '@/drawing/InHoop'
import { Fold } from '@/ui/Fold'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { fieldSize } from '@/words/hoopWords'
import { placeInHoop } from '@thimble/core/hooping'
import type { DecidedProps } from '../StageProps'
import { type PieceTools, useBuilt, useHoopPlan } from '../usePiece'
import { Why } from '../Why'
import { HoldingCares, HoldingSteps } from './HoldingSteps'
import { DecidedMove } from './DecidedMove'
import { LoadCautions, LoadedSo } from './LoadedSo'
import { PartHoopings } from './PartHoopings'
import { HoopingList } from './RowHoopings'
import { NoLongerSuits } from './NoLongerSuits'

/** The hooping as it was decided, with what to dial, and the way on to whether it is straight enough. */
export function HoopDecided({ tools }: DecidedProps) {
  const { piece, plan, marked } = tools
  const built = useBuilt(tools)
  const [kept] = piece.hoop.kept
  if (!kept) return null
  const { hoop, holding, groups, because } = kept
  const reasons = reasonsOf({ ...built, stack: built.stack && { ...built.stack, because, record: null } })
  const tries = triesOf(piece).length
  return (
    <>
      <Section title={`${hoop?.name ?? t('hoop-not-noted')}, ${holdingNames[holding].toLowerCase()}`}>
        <KeptDrawing tools={tools} />
        <DecidedMove tools={tools} />
        {hoop && kept.pose ? (
          <RowLink href={`/piece/${piece.id}/straight`} style={{ minHeight: 44, justifyContent: 'center' }}>
            <Text bold tone="indigo">
              {tries > 0 ? t('check-alignment-try', { tries: tries + 1 }) : t('check-alignment')}
            </Text>
          </RowLink>
        ) : null}
        {groups ? (
          <HoopingList groups={groups} closed={marked.placed?.row?.closed ?? false} write={plan.write} />
        ) : null}
        <PartHoopings tools={tools} parts={kept.parts} />
        <NoLongerSuits tools={tools} />
        {isDone(piece, 'finish') ? null : (
          <HoldingCares tools={tools} method={holding} hoop={heldIn(kept, tools.shelf)} />
        )}
      </Section>
      <KeptLoading tools={tools} />
      <Fold title={t('step-by-step-2')} answer={hoop ? fieldSize(hoop.field, plan.style) : ''}>
        <HoldingSteps tools={tools} method={holding} hoop={heldIn(kept, tools.shelf)} />
      </Fold>
      <Why because={reasons} />
    </>
  )
}

/** A hoop as it was decided; how it closes is what its shelf says. */
function heldIn({ hoop }: Kept, { hoops }: PieceTools['shelf']) {
  return hoop && { clamp: hoop.clamp, closes: hoops.find((h) => h.id === hoop.id)?.closes ?? 'screw' }
}

function KeptLoading({ tools }: { tools: PieceTools }) {
  const { piece, marked, shelf } = tools
  const plan = useHoopPlan(tools)
  const at = hoopingAtHand(piece, plan, marked)
  const loading = at && loadingAtHand({ piece, shop: shelf.shop, marked, plan, at })
  if (!loading) return null
  return (
    <>
      {isDone(piece, 'finish') ? null : (
        <Section>
          <LoadCautions tools={tools} loading={loading} />
        </Section>
      )}
      <Fold
        title={t('which-way-up')}
        answer={t('toward-you-3', { wayNames: wayNames(piece, marked)[loading.sides.front.way] })}
      >
        <LoadedSo {...{ tools, at, loading }} />
      </Fold>
    </>
  )
}

function KeptDrawing({ tools }: { tools: PieceTools }) {
  const { piece, plan, marked } = tools
  const at = hoopingAtHand(piece, useHoopPlan(tools), marked)
  if (!at) return null
  const pose = withAdded(at, at.pose)
  const { fits, slack, reach } = placeInHoop({ hull: at.hull, field: at.hoop.field, pose })
  const { sketch, colours } = marked.design
  return (
    <InHoop
      {...{ fits, slack, reach, hoop: at.hoop, pose, hull: at.hull }}
      cloth={piece.build.cloth.colour}
      sketch={sketch && at.copies.from === at.copies.to ? { blocks: sketch, colours } : null}
      height={230}
      write={plan.writeRoom}
      says={t('the-design-in-to-scale-2', { name: at.hoop.name })}
    />
  )
}
