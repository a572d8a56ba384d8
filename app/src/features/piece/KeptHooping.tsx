import { holdingNames } from '@thimble/core/recipe'
import { reasonsOf } from '@thimble/plan'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { fieldSize } from '@/words/hoopWords'
import { HoopingList } from './RowHoopings'
import { StackMisfits } from './StackMisfits'
import type { KeptProps } from './StageProps'
import { useBuilt } from './usePiece'
import { Why } from './Why'

/** The hooping as it was decided. */
export function KeptHooping({ tools }: KeptProps) {
  const { piece, plan, marked } = tools
  const built = useBuilt(tools)
  const [kept] = piece.hoop.kept
  if (!kept) return null
  const { hoop, holding, groups, because } = kept
  const reasons = reasonsOf({ ...built, stack: built.stack && { ...built.stack, because } })
  return (
    <>
      <Section title="How it is hooped">
        <Words bold>{`${hoop?.name ?? 'Hoop not noted'}, ${holdingNames[holding].toLowerCase()}`}</Words>
        {hoop ? <Words>{fieldSize(hoop.field, plan.style)}</Words> : null}
        {groups ? (
          <HoopingList groups={groups} closed={marked.placed?.row?.closed ?? false} write={plan.write} />
        ) : null}
        <StackMisfits tools={tools} />
      </Section>
      <Why because={reasons} />
    </>
  )
}
