import { piece as t } from '@thimble/language/en/piece'
import { lastTime } from '@thimble/plan'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from './usePiece'

type Props = { tools: PieceTools; what: 'machine' | 'hoop' | 'turn' | 'holding' }

/** Says so where something stands as it was on the piece this one is the same as again. */
export function AsLastTime({ tools, what }: Props) {
  const last = lastTime(tools.piece, useHoopPlan(tools))
  if (!last?.[what]) return null
  const dialled = what === 'turn' && last.dialled ? t('you-dialled-in', { dialled: last.dialled }) : ''
  return <Text soft>{t('as-last-time', { dialled })}</Text>
}
