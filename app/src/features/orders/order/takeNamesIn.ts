import type { OrderName } from '@thimble/contract'
import type { ListedName } from '@thimble/plan/orders'
import { rowId } from './addLine'
import type { LineProps } from './lineProps'

/** Puts names at the end of a line's list. */
export function takeNamesIn(
  { line, set }: Pick<LineProps, 'line' | 'set'>,
  names: readonly Omit<ListedName, 'line'>[],
): void {
  const last = Math.max(-1, ...Object.values(line.names).map(({ order }) => order))
  const rows = names.map(({ size, name, colour, note }, i): [string, OrderName] => [
    rowId(),
    { order: last + 1 + i, size, name, colour, note },
  ])
  set({ names: Object.fromEntries(rows) })
}
