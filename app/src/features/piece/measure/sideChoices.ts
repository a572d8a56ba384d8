import { measure as t } from '@thimble/language/en/measure'
import type { PieceTools } from '../usePiece'

type Plan = PieceTools['plan']

/** Where something lies across a piece, as the worker sees it and the wearer has it. */
export const sideChoices = (plan: Plan) =>
  [
    { id: 'left', name: sideName('left', plan) },
    { id: 'centre', name: t('in-the-middle') },
    { id: 'right', name: sideName('right', plan) },
  ] as const

/** The worker’s side, and the wearer’s where there is one. */
function sideName(side: 'left' | 'right', { kind, rule }: Plan): string {
  if (!kind.worn) return t('on-your', { side: t(side) })
  const other = side === 'left' ? 'right' : 'left'
  return t('on-your-the-wearers', { side: t(side), which: t(rule.side === 'back' ? side : other) })
}
