import { planning as t } from '@thimble/language/en/planning'
import type { Basis, Difference, DecidedStack } from '@thimble/contract'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import type { Message } from '@thimble/core/messages'
import { writeMessage } from '@thimble/language'
import { linesOf } from '../stack/stackLines'

type OnStack = { basis: Basis; stack: DecidedStack | null }

/**
 * A difference in words, in numbers where it is one of numbers.
 *
 * @example '190 mm is now 210 mm: Cross 210 mm below the shoulder point, 95 mm from centre'
 */
export function writeDifference({ was, now }: Difference, style: LengthStyle, onStack: OnStack): string {
  const write = (said: Message): string =>
    (said[0] === 'was.line' ? writeLine(said, onStack, style) : writeMessage(said, style)).replace(/\.$/, '')
  if (was && now) {
    const moved = numbersMoved(was, now)
    if (!moved) return `Was: ${write(was)}. Now: ${write(now)}.`
    const [from, to] = moved
    const pairs = from.map((mm, i) =>
      t('is-now', { formatLength: formatLength(mm, style), formatLength2: formatLength(to[i]!, style) }),
    )
    return `${pairs.join(', ')}: ${write(now)}.`
  }
  return now ? t('now-also', { now: write(now) }) : t('no-longer', { which: was ? write(was) : '' })
}

function writeLine([, fills = {}]: Message, onStack: OnStack, style: LengthStyle): string {
  const line = fills.line
  const id = typeof line === 'object' && 'own' in line ? line.own : ''
  const [found] = linesOf([id], onStack)
  return found ? writeMessage(found.said, style) : id
}

/** The lengths that differ where two sentences differ in nothing else; null when they differ in words. */
function numbersMoved(was: Message, now: Message): [number[], number[]] | null {
  if (was[0] !== now[0]) return null
  const [from, to]: [number[], number[]] = [[], []]
  for (const slot of Object.keys(now[1] ?? {})) {
    const [a, b] = [was[1]?.[slot], now[1]?.[slot]]
    if (JSON.stringify(a) === JSON.stringify(b)) continue
    if (typeof a === 'number' && typeof b === 'number') {
      from.push(a)
      to.push(b)
    } else if (Array.isArray(a) && Array.isArray(b)) {
      const inner = numbersMoved(a as unknown as Message, b as unknown as Message)
      if (!inner) return null
      from.push(...inner[0])
      to.push(...inner[1])
    } else return null
  }
  return from.length > 0 ? [from, to] : null
}
