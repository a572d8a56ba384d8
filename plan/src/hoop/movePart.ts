import { type Message, message } from '@thimble/core/messages'
import type { Hoop } from '@thimble/contract'
import { fieldBox, movePartIn } from '@thimble/core/hooping'
import type { PlanHoopInput } from './offerHoop'
import { notTaken } from './benchMachine'
import type { HoopPlan } from './planHoop'

/** A part of a grouped design that is moved, in the design's own frame, so that a hoop takes the whole. */
type MovePart = { part: number; x: number; y: number; hoop: string; said: Message }

/** Room that is left on each side, in mm: without any a hoop has to be laid true to the degree. */
const ROOM = 3

/**
 * Where no hoop takes a grouped design as it is: the part that is moved by the least so that one of them does, with a little
 * room to hoop it by where there is any. Null where there is none.
 */
export function movePart(
  { marked: { design }, hoops, machines }: Pick<PlanHoopInput, 'marked' | 'hoops' | 'machines'>,
  { ranked, machine }: Pick<HoopPlan, 'ranked' | 'machine'>,
): MovePart | null {
  if (design.parts.length < 2) return null
  const parts = design.parts.map((part, i) => ({ ...part, id: String(i) }))
  const turns = [...new Set([0, ...ranked.map(({ rotation }) => rotation)])]
  const inHoop = ({ id, name, field }: Hoop, margin: number): MovePart[] =>
    turns
      .flatMap((rotation) => movePartIn({ field, parts, rotation, margin }) ?? [])
      .map(({ part, dx, dy, said }) => ({
        ...{ part: Number(part), x: dx, y: dy, hoop: id },
        said: message('remedy.part-then-hoop', { move: said, hoop: { own: name } }),
      }))
  const taken = hoops.filter((hoop) => !notTaken(hoop, machine, machines))
  const within = (margin: number): MovePart[] =>
    taken.filter(({ field }) => smallerSide(field) > 2 * margin).flatMap((hoop) => inHoop(hoop, margin))
  const roomy = within(ROOM)
  const found = roomy.length > 0 ? roomy : within(0)
  const far = ({ x, y }: MovePart): number => Math.hypot(x, y)
  return found.sort((a, b) => far(a) - far(b))[0] ?? null
}

function smallerSide(field: Hoop['field']): number {
  const { left, right, top, bottom } = fieldBox(field)
  return Math.min(right - left, bottom - top)
}
