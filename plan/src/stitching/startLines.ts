import type { DecidedStack, Piece } from '@thimble/contract'
import { note } from '@thimble/core/advice'
import type { Loading } from '@thimble/core/hooping'
import { type Message, message } from '@thimble/core/messages'
import type { Move } from '../hoop/dialMove'
import { dialMessage } from '../hoop/dialWords'
import { readCount } from '../measure/readTyped'
import type { Built } from '../stack/planBuild'
import { listsOf } from '../stack/stackLines'
import type { ListLine } from '../finish/lists'
import { tickOf } from '../stages/ticks'

/** What the list before the start says of this piece beside its stack: of the hooping at hand. */
export type StartFacts = {
  hooping: number
  /** Metres it takes, on the bobbin that is in and on a full one, and how often it is changed on the way; null: not known. */
  bobbin: { need: number; left: number | null; full: number | null; changes: number } | null
  move: Move | null
  roll: Loading['roll']
  /** Patches that no line marks the place of. */
  layFirst?: readonly string[]
  /** It is applique, and nobody said what its blocks do. */
  patchesUnsaid?: boolean
}

/** Ticks of the first hooping have the line's id, those of a later one its number before it. */
export const tickId = (hooping: number, line: string): string => (hooping === 0 ? line : `${hooping}:${line}`)

/** Pins as they were counted in; null where nobody counted. */
const pinsIn = ({ stitch }: Pick<Piece, 'stitch'>): number | null => readCount(stitch.pins).value

const tenth = (metres: number) => ({ plain: Math.round(metres * 10) / 10 })

function bobbinSaid({ need, left, full, changes }: NonNullable<StartFacts['bobbin']>): Message {
  if (left === null && full === null) return message('start.bobbin-unknown', { need: tenth(need) })
  if (left === null) {
    const fresh = { need: tenth(need), full: tenth(full!) }
    return changes > 0
      ? message('start.bobbin-full-changes', { ...fresh, changes: { plain: changes } })
      : message('start.bobbin-full', fresh)
  }
  const told = { need: tenth(need), left: tenth(left) }
  return changes > 0
    ? message('start.bobbin-changes', { ...told, changes: { plain: changes } })
    : message('start.bobbin', told)
}

/** Lines of the stack's own list that the piece has numbers for, and what is said there. */
function withNumbers(
  id: string,
  stack: DecidedStack,
  facts: StartFacts,
  pins: number | null,
): [string, Message][] | null {
  if (id === 'check.pins')
    return pins ? [['start.pins-in', message('start.pins-in', { count: { plain: pins } })]] : null
  if (id === 'check.bobbin') {
    const { needle } = stack
    const size =
      needle &&
      message(needle.coated ? 'start.needle-coated' : 'start.needle', {
        ...{ size: { own: needle.size }, point: `point.${needle.point}` },
      })
    if (!facts.bobbin) return null
    return [
      ['start.bobbin', bobbinSaid(facts.bobbin)],
      ...(size ? ([['start.needle', size]] as [string, Message][]) : []),
    ]
  }
  if (id !== 'check.trace' || !facts.move) return null
  return [['start.move', dialMessage(facts.move)]]
}

const lineOf = (id: string, said: Message): Pick<ListLine, 'line' | 'said'> => ({
  line: note(id, said),
  said,
})

function patchLines({ layFirst = [], patchesUnsaid = false }: StartFacts): Pick<ListLine, 'line' | 'said'>[] {
  const lay = message('start.lay-first', { patches: { own: layFirst.join(', ') } })
  return [
    ...(layFirst.length > 0 ? [lineOf('start.lay-first', lay)] : []),
    ...(patchesUnsaid ? [lineOf('start.patches-unsaid', message('start.patches-unsaid'))] : []),
  ]
}

/** The list before the start of one hooping, made for its stack, holding, loading, machine and design. */
export function startLines(piece: Piece, built: Built, facts: StartFacts): ListLine[] {
  const { stack } = built
  if (!stack) return []
  const pins = pinsIn(piece)
  const lines = listsOf(built).checks.flatMap((line): Pick<ListLine, 'line' | 'said'>[] => {
    const own = withNumbers(line.code, stack, facts, pins)?.map(([id, said]) => ({
      line: note(id, said),
      said,
    }))
    // What is dialled comes before the trace, and does not take its place.
    return line.code === 'check.trace' ? [...(own ?? []), { line }] : (own ?? [{ line }])
  })
  const roll = facts.roll && message('start.roll', { thick: facts.roll.diameter })
  const under = lines.findIndex(({ line }) => line.code === 'check.under') + 1
  const all = [
    ...lines.slice(0, under),
    ...(roll ? [lineOf('start.roll', roll)] : []),
    ...lines.slice(under),
    ...patchLines(facts),
  ]
  const ticks = { ticked: piece.stitch.checks, said: piece.stitch.checksSaid }
  return all.map((one) => ({ ...one, ...tickOf(ticks, tickId(facts.hooping, one.line.code), one.said) }))
}
