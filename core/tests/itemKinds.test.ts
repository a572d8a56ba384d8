import { boxOf, itemKinds, planPlacement, presetMeasures, type TapeLine } from '../src'
import { insidePolygon } from '../src/plane/polygonDistance'

const tern = { width: 84, height: 62 }
const length = ({ from, to }: TapeLine): number => Math.hypot(to.x - from.x, to.y - from.y)
const everySize = itemKinds.flatMap((kind) =>
  kind.sizes.map((size) => [`${kind.name} ${size.name}`, kind, presetMeasures(kind, size.id)] as const),
)
const everyPlan = everySize.flatMap(([name, kind, measures]) =>
  kind.placements.map((placement) => [`${name}, ${placement.name}`, kind, placement, measures] as const),
)

describe.each(everySize)('%s', (_, kind, measures) => {
  const shape = kind.shape(measures)

  it('has a preset for every number asked, within what is plausible', () => {
    for (const ask of kind.measurements) {
      expect(measures[ask.id]).toBeGreaterThanOrEqual(ask.plausible[0])
      expect(measures[ask.id]).toBeLessThanOrEqual(ask.plausible[1])
    }
  })

  it('draws each tape as long as the number it stands for', () => {
    for (const ask of kind.measurements) {
      const tape = shape.tapes.find((t) => t.id === ask.id)!
      expect([ask.id, length(tape)]).toEqual([ask.id, expect.closeTo(measures[ask.id]!, 6)])
    }
  })

  it('is drawn the same on both sides of its centre line', () => {
    const box = boxOf(shape.outline)
    expect(box.left).toBeCloseTo(-box.right, 9)
    for (const p of shape.outline)
      expect(Math.min(...shape.outline.map((q) => Math.hypot(q.x + p.x, q.y - p.y)))).toBeLessThan(1e-9)
  })
})

describe.each(everyPlan)('%s', (_, kind, placement, measures) => {
  const plan = planPlacement({ kind: kind.id, placement: placement.id, measures, design: tern })

  it('keeps every mark on the cloth, the arrow toward the top, the dots in balance', () => {
    const at = (id: string) => plan.marks.find((m) => m.id === id)!.at
    for (const mark of plan.marks) expect(insidePolygon(mark.at, plan.item.outline)).toBe(true)
    expect(at('cross')).toEqual({ x: plan.pose.x, y: plan.pose.y })
    expect(at('arrow').y).toBeLessThan(at('dot-up').y)
    expect(at('dot-left').x + at('dot-right').x).toBeCloseTo(2 * plan.pose.x, 9)
    expect(at('dot-up').y + at('dot-down').y).toBeCloseTo(2 * plan.pose.y, 9)
    // Dots stand clear of the stitches.
    expect(at('dot-right').x - plan.pose.x).toBeGreaterThan(tern.width / 2)
  })

  it('draws the tapes of its distances as long as they are', () => {
    for (const distance of plan.distances) {
      const tape = plan.tapes.find((t) => t.id === distance.id)!
      expect([distance.id, length(tape)]).toEqual([distance.id, expect.closeTo(distance.mm, 6)])
    }
  })

  it.each([{ unit: 'mm' }, { unit: 'cm' }, { unit: 'in' }, { unit: 'in', fraction: 16 }] as const)(
    'speaks in sentences of at most two numbers: %o',
    (style) => {
      const { steps, summary } = planPlacement({
        kind: kind.id,
        placement: placement.id,
        measures,
        design: tern,
        style,
      })
      const numbers = (text: string): number => (text.match(/\d+(?:[ .]\d+)?(?:\/\d+)?/g) ?? []).length
      for (const { text } of [...steps, { text: summary }]) {
        expect([text, numbers(text) <= 2]).toEqual([text, true])
        expect(text).not.toMatch(/!|NaN|undefined/)
      }
      for (const kindOfMark of ['cross', 'dots', 'arrow'] as const)
        expect(steps.filter((s) => s.marks.includes(kindOfMark))).toHaveLength(1)
    },
  )

  it('moves with a distance of the worker’s own, and by as much', () => {
    for (const distance of plan.distances) {
      const moved = planPlacement({
        kind: kind.id,
        placement: placement.id,
        measures,
        design: tern,
        distances: { [distance.id]: distance.mm + 12 },
      })
      expect(Math.hypot(moved.pose.x - plan.pose.x, moved.pose.y - plan.pose.y)).toBeCloseTo(12, 9)
      expect(moved.distances.find((d) => d.id === distance.id)!.assumed).toBeCloseTo(distance.assumed, 9)
    }
  })
})

it('refuses an item or a placement it does not know, naming the field', () => {
  const refusal = (kind: string, placement: string) => {
    try {
      planPlacement({ kind, placement, measures: {}, design: tern })
      return null
    } catch (error) {
      const { code, path } = error as { code: string; path: string }
      return [code, path]
    }
  }
  expect(refusal('cloak', 'left-chest')).toEqual(['unknown-item', 'kind'])
  expect(refusal('polo', 'left-knee')).toEqual(['unknown-placement', 'placement'])
})
