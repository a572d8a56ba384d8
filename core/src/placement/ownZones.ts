import { CoreError } from '../errors'
import { type Named, message } from '../messages/message'
import { type Box, boxCorners, boxOf } from '../plane/box'
import type { ItemShape, NoSewZone, ReferenceLine } from './itemShape'

export const ownZoneKinds = ['pocket', 'zip', 'seam', 'buttons', 'print', 'stripe'] as const
type OwnZoneKind = (typeof ownZoneKinds)[number]

/**
 * Something the worker found on this very item, in mm. `down`: from the level line `line` into the item to its nearer
 * edge; `height` and `width`: null runs from edge to edge of the item. `off`: its middle from the centre line,
 * positive to the worker's right. A stripe is a line to align with: nothing is kept clear of it.
 */
export type OwnZone = {
  id: string
  kind: OwnZoneKind
  name: string
  line: string
  down: number
  height: number | null
  off: number
  width: number | null
}

const manners: Record<Exclude<OwnZoneKind, 'stripe'>, Pick<NoSewZone, 'clear' | 'ring'>> = {
  pocket: { clear: 20, ring: 'refused' },
  zip: { clear: 15, ring: 'refused' },
  seam: { clear: 10, ring: 'caution' },
  buttons: { clear: 10, ring: 'refused' },
  print: { clear: 5, ring: 'free' },
}

/** The item with the worker's own zones in the way, and their edges to measure from or align with. */
export function withOwnZones(shape: ItemShape, zones: readonly OwnZone[]): ItemShape {
  if (zones.length === 0) return shape
  const laid = zones.map((zone) => lay(shape, zone))
  return {
    ...shape,
    zones: [...shape.zones, ...laid.flatMap(({ zone }) => zone)],
    lines: [...shape.lines, ...laid.flatMap(({ lines }) => lines)],
    details: [
      ...shape.details,
      ...laid.map(({ outline, stripe }) => ({
        kind: stripe ? ('fold' as const) : ('seam' as const),
        points: outline,
        closed: !stripe,
      })),
    ],
  }
}

function lay(shape: ItemShape, own: OwnZone) {
  const item = boxOf(shape.outline)
  const line =
    shape.lines.find((l) => l.id === own.line && l.axis === 'level') ?? shape.lines.find((l) => l.axis === 'level')
  if (!line) throw new CoreError('unknown-line', message('problem.that-line-isnt-on-this'), `zones.${own.id}.line`)
  requireSize(own)
  const { box, near: at } = boxFrom(line.at, own, item)
  const name = { own: own.name.replace(/^the /i, '').toLowerCase() }
  if (own.kind === 'stripe') {
    return {
      stripe: true,
      outline: [
        { x: item.left, y: at },
        { x: item.right, y: at },
      ],
      zone: [],
      lines: [levelLine(`own.${own.id}`, message('line.own', { name }), at)],
    }
  }
  const zone: NoSewZone = { id: `own.${own.id}`, name, outline: boxCorners(box), ...manners[own.kind] }
  return {
    stripe: false,
    outline: zone.outline,
    zone: [zone],
    lines: [
      levelLine(`own.${own.id}.top`, message('line.own-top', { zone: name }), box.top, {
        toward: -1,
        clear: zone.clear,
      }),
      levelLine(`own.${own.id}.bottom`, message('line.own-foot', { zone: name }), box.bottom, {
        toward: 1,
        clear: zone.clear,
      }),
      ...(own.width === null ? [] : [middleLine(own, name)]),
    ],
  }
}

function requireSize(own: OwnZone): void {
  const [height, width] = [own.height ?? 1, own.width ?? 1]
  const known = [own.down, own.off, height, width].every(Number.isFinite)
  if (!known || own.down < 0 || height <= 0 || width <= 0)
    throw new CoreError('bad-zone', message('problem.its-size-must-be-above', { name: own.name }), `zones.${own.id}`)
}

/** Where it lies, measured into the item: from a line in its upper half downward, from one in its lower half upward. */
function boxFrom(line: number, own: OwnZone, item: Box): { box: Box; near: number } {
  const into = line <= (item.top + item.bottom) / 2 ? 1 : -1
  const near = line + into * own.down
  const far = own.height === null ? (into > 0 ? item.bottom : item.top) : near + into * own.height
  const [left, right] =
    own.width === null ? [item.left, item.right] : [own.off - own.width / 2, own.off + own.width / 2]
  const box = { left, right, top: Math.min(near, far), bottom: Math.max(near, far) }
  if (box.top > item.bottom || box.bottom < item.top || left > item.right || right < item.left)
    throw new CoreError('off-item', message('problem.would-lie-beyond-the-item', { name: own.name }), `zones.${own.id}`)
  return { box, near }
}

function levelLine(
  id: string,
  name: Named,
  at: number,
  side: Pick<ReferenceLine, 'toward' | 'clear'> = {},
): ReferenceLine {
  return { id, name, axis: 'level', at, ...side }
}

const middleLine = (own: OwnZone, zone: Named): ReferenceLine => ({
  id: `own.${own.id}.middle`,
  name: message('line.own-middle', { zone }),
  axis: 'upright',
  at: own.off,
})
