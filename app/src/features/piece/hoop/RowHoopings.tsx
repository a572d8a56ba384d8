import { hoop as t } from '@thimble/language/en/hoop'
import type { Hooping } from '@thimble/core/rows'
import { hoopingsOf } from '@thimble/plan'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { hoopingWords } from '@/words/rowWords'
import { type PieceTools, useHoopPlan } from '../usePiece'

/** How the row falls into hoopings of the hoop that is picked. */
export function RowHoopings({ tools }: { tools: PieceTools }) {
  const { plan, marked } = tools
  const { hoop } = useHoopPlan(tools)
  const row = marked.placed?.row ?? null
  const groups = hoop ? hoopingsOf(row, marked.design.height, hoop) : null
  if (!row || !groups) return null
  return (
    <Fold title={t('hooping-by-hooping')} answer={String(groups.length)}>
      <HoopingList groups={groups} closed={row.closed} write={plan.write} />
    </Fold>
  )
}

type Props = { groups: readonly Hooping[]; closed: boolean; write: (mm: number) => string }

/** Each hooping of a row with where the hoop's centre goes. */
export const HoopingList = ({ groups, closed, write }: Props) => (
  <>
    {groups.map((group, i) => (
      <Text key={i} soft>
        {hoopingWords(group, i, closed, write)}
      </Text>
    ))}
  </>
)
