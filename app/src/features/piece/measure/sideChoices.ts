import type { PieceTools } from '../usePiece'

type Plan = PieceTools['plan']

/** Where something lies across a piece, as the worker sees it and the wearer has it. */
export const sideChoices = (plan: Plan) =>
  [
    { id: 'left', name: sideName('left', plan) },
    { id: 'centre', name: 'In the middle' },
    { id: 'right', name: sideName('right', plan) },
  ] as const

/** The worker’s side, and the wearer’s where there is one. */
function sideName(side: 'left' | 'right', { kind, rule }: Plan): string {
  if (!kind.worn) return `On your ${side}`
  const other = side === 'left' ? 'right' : 'left'
  return `On your ${side} (the wearer’s ${rule.side === 'back' ? side : other})`
}
