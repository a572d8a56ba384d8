import { formatLength, planPlacement, type PlacementPlan, type TapeLine } from '../src'
import { asksOf, type ItemKind, itemKinds, presetMeasures, type PlacementRule, usualDesign } from '../src/placement'
import { boxOf } from '../src/plane'
import { gapBetween, insidePolygon } from '../src/plane/polygonDistance'
import { writeName } from '@thimble/language'

const length = ({ from, to }: TapeLine): number => Math.hypot(to.x - from.x, to.y - from.y)
const kinds = itemKinds.map((kind) => [kind.id, kind] as const)
type Case = {
  what: string
  rule: PlacementRule
  measures: Record<string, number>
  design: { width: number; height: number }
  plan: PlacementPlan
}

const usualOf = (kind: ItemKind, rule: PlacementRule, size: string) =>
  usualDesign(kind, rule, presetMeasures(kind, size)) ?? { width: 80, height: 60 }

/** The smallest and the usual size here; all of them with `npm run endure`. */
const sizesOf = ({ sizes, usualSize }: ItemKind) =>
  process.env.THIMBLE_ENDURE ? sizes : sizes.filter(({ id }, i) => i === 0 || id === usualSize)

/** Every placement at those sizes, with the design it usually has and with a small one. */
function casesOf(kind: ItemKind): Case[] {
  const known = made.get(kind) ?? casesIn(kind)
  made.set(kind, known)
  return known
}
const made = new Map<ItemKind, Case[]>()

function casesIn(kind: ItemKind, more: object = {}): Case[] {
  return kind.placements.flatMap((rule) =>
    sizesOf(kind).flatMap((size) =>
      [usualOf(kind, rule, size.id), { width: 24, height: 16 }].map((design) => {
        const measures = presetMeasures(kind, size.id)
        const plan = planPlacement({ kind: kind.id, placement: rule.id, measures, design, ...more })
        return { what: `${rule.id} ${size.id} ${design.width}`, rule, measures, design, plan }
      }),
    ),
  )
}

it('holds every item of the craft’s placement table, its ids unlike one another', () => {
  const ids = itemKinds.map((k) => k.id)
  expect(new Set(ids).size).toBe(ids.length)
  expect(ids.length).toBeGreaterThanOrEqual(30)
  for (const kind of itemKinds) expect(new Set(kind.placements.map((p) => p.id)).size).toBe(kind.placements.length)
})

describe.each(kinds)('%s', (_, kind) => {
  it('has a usual number for all it asks, within what is plausible, and a line of how-to', () => {
    for (const size of kind.sizes)
      for (const ask of kind.measurements.filter((a) => !a.optional)) {
        const mm = presetMeasures(kind, size.id)[ask.id]!
        expect([ask.id, size.id, mm >= ask.plausible[0] && mm <= ask.plausible[1]]).toEqual([ask.id, size.id, true])
        expect(writeName(ask.howTo)).toMatch(/\.$/)
      }
  })

  it('draws a tape as long as each number asked, and is alike on both sides', () => {
    for (const { what, rule, measures, plan } of casesOf(kind)) {
      for (const ask of asksOf(kind, rule).filter((a) => !a.optional)) {
        const tape = plan.item.tapes.find((t) => t.id === ask.id)
        expect([what, ask.id, tape && length(tape)]).toEqual([what, ask.id, expect.closeTo(measures[ask.id]!, 6)])
      }
      // A stocking has its foot to one side.
      if (rule.view || kind.id === 'stocking') continue
      const box = boxOf(plan.item.outline)
      expect(box.left).toBeCloseTo(-box.right, 9)
    }
  })

  it('keeps every mark on the cloth, and each design clear of what it must, or says what is too near', () => {
    for (const { what, plan } of casesOf(kind)) {
      for (const mark of plan.marks)
        expect([what, mark.id, insidePolygon(mark.at, plan.item.outline)]).toEqual([what, mark.id, true])
      const said = plan.warnings.map((w) => w.text).join('\n')
      for (const zone of plan.item.zones)
        for (const outline of plan.outlines) {
          const gap = gapBetween(outline, zone.outline)
          if (gap < zone.clear - 1e-6)
            expect([what, zone.name, said]).toEqual([what, zone.name, expect.stringContaining(writeName(zone.name))])
        }
      for (const outline of plan.outlines)
        if (!outline.every((p) => insidePolygon(p, plan.item.outline)))
          expect([what, said]).toEqual([what, expect.stringContaining('edge')])
    }
  })

  it('has nothing to warn of where all is as usual', () => {
    for (const { what, plan, design } of casesOf(kind).filter((c) => c.design.width !== 24)) {
      const said = plan.warnings.filter(({ code, severity }) => severity !== 'note' || code.startsWith('is-that-right'))
      expect([what, design, said.map(({ text }) => text)]).toEqual([what, design, []])
    }
  })

  it('takes a small design at every size without a stop', () => {
    for (const { what, design, plan } of casesOf(kind).filter((c) => c.design.width === 24)) {
      const stops = plan.warnings.filter((w) => w.severity === 'stop').map((w) => w.text)
      expect([what, design.width, stops]).toEqual([what, 24, []])
    }
  })

  it('tells it in sentences of at most two numbers, cross, dots and arrow among them, in any unit', () => {
    const styles = [{ unit: 'mm' }, { unit: 'cm' }, { unit: 'in' }, { unit: 'in', fraction: 16 }] as const
    const numbers = (text: string): number => (text.match(/\d+(?:[ .]\d+)?(?:\/\d+)?(?= ?(?:mm|cm|"))/g) ?? []).length
    const wrong: string[] = []
    for (const style of styles)
      for (const { what, plan } of casesIn(kind, { style })) {
        for (const text of [...plan.steps.map((s) => s.text), plan.summary])
          if (numbers(text) > 2 || /!|NaN|undefined|-\d/.test(text)) wrong.push(`${what}: ${text}`)
        for (const mark of ['cross', 'dots', 'arrow'] as const)
          if (!plan.steps.some((s) => s.marks.includes(mark))) wrong.push(`${what}: no ${mark}`)
      }
    expect(wrong).toEqual([])
  })

  it('draws its distances as tapes of their length, and moves the design by as much as they change', () => {
    for (const { what, rule, measures, design, plan } of casesOf(kind))
      for (const distance of plan.distances.filter((d) => d.mm > 0)) {
        const tape = plan.tapes.find((t) => t.id === distance.id)!
        expect([what, distance.id, length(tape)]).toEqual([what, distance.id, expect.closeTo(distance.mm, 6)])
        const distances = { [distance.id]: distance.mm + 1 }
        const next = planPlacement({ kind: kind.id, placement: rule.id, measures, design, distances })
        const moved = Math.hypot(next.pose.x - plan.pose.x, next.pose.y - plan.pose.y)
        const square = rule.arrange === 'corners' && !rule.id.endsWith('diagonal')
        expect([what, distance.id, moved]).toEqual([what, distance.id, expect.closeTo(square ? Math.SQRT2 : 1, 6)])
      }
  })

  it('finds the same place when it is counted from another line or edge of the design', () => {
    const elsewhere: string[] = []
    for (const { what, rule, measures, design, plan } of casesOf(kind).filter((c) => c.rule.arrange === 'one'))
      for (const line of plan.item.lines)
        for (const edge of ['start', 'centre', 'end'] as const) {
          const anchors = { [line.axis === 'level' ? 'down' : 'across']: { line: line.id, edge } }
          const { pose, distances } = planPlacement({ kind: kind.id, placement: rule.id, measures, design, anchors })
          const far = Math.hypot(pose.x - plan.pose.x, pose.y - plan.pose.y)
          const counted = distances.find((d) => d.counted?.axis === line.axis)?.counted
          if (far > 1e-6 || counted?.line !== line.id || counted.edge !== edge)
            elsewhere.push(`${what} from ${line.id} to its ${edge}: ${far} mm off`)
        }
    expect(elsewhere).toEqual([])
  })
})

describe('a left chest from infant to 3XL', () => {
  const garments = ['tee', 'polo', 'sweatshirt', 'shirt', 'work-jacket', 'hooded-top']
  it.each(garments)('grows smoothly on a %s and never crosses the centre line or the armhole', (id) => {
    const kind = itemKinds.find((k) => k.id === id)!
    const sizes = kind.sizes.map((s) => presetMeasures(kind, s.id))
    let before = -Infinity
    for (let step = 0; step <= 70; step++) {
      const [a, b] = [sizes[Math.floor(step / 10)]!, sizes[Math.min(7, Math.floor(step / 10) + 1)]!]
      const measures = Object.fromEntries(
        Object.keys(a).map((key) => [key, a[key]! + ((step % 10) / 10) * (b[key]! - a[key]!)]),
      )
      const design = { width: measures.chestWidth! * 0.13, height: measures.chestWidth! * 0.1 }
      const plan = planPlacement({ kind: id, placement: 'left-chest', measures, design })
      const down = plan.pose.y + measures.neckDrop!
      if (step > 0) expect([id, step, down >= before - 1e-9 && down - before < 6]).toEqual([id, step, true])
      before = down
      const seam = plan.item.zones.find((z) => z.id === 'armhole-right')!
      expect(Math.min(...plan.designOutline.map((p) => p.x))).toBeGreaterThan(0)
      expect(gapBetween(plan.designOutline, seam.outline)).toBeGreaterThan(0)
    }
  })

  it('lies as deep as the craft sheet says for infant, child, small and adult', () => {
    const depth = (size: string): number => {
      const kind = itemKinds.find((k) => k.id === 'tee')!
      const measures = presetMeasures(kind, size)
      return (
        planPlacement({ kind: 'tee', placement: 'left-chest', measures, design: { width: 40, height: 30 } }).pose.y +
        measures.neckDrop!
      )
    }
    const within = (mm: number, [least, most]: [number, number]) =>
      expect([formatLength(mm, { unit: 'mm' }), mm >= least && mm <= most]).toEqual([expect.anything(), true])
    within(depth('infant'), [75, 90])
    within(depth('child'), [115, 140])
    within(depth('s'), [165, 175])
    for (const size of ['m', 'l', 'xl', '2xl']) within(depth(size), [178, 212])
  })
})

it('lays no top’s chest more than 12 mm from the next size’s, nor lower than 230', () => {
  for (const kind of itemKinds.filter((one) => one.placements.some(({ id }) => id === 'left-chest'))) {
    const depths = kind.sizes.map(({ id }) => {
      const measures = presetMeasures(kind, id)
      const chest = { kind: kind.id, placement: 'left-chest', measures, design: { width: 40, height: 30 } }
      // One with a pocket counts from that.
      return planPlacement(chest).distances.find((one) => one.id === 'down')?.mm
    })
    if (depths.includes(undefined)) continue
    const steps = depths.slice(1).map((depth, i) => depth! - depths[i]!)
    expect([kind.id, depths.every((mm) => mm! <= 230), steps.every((mm) => mm >= 0 && mm <= 12.01)]).toEqual([
      kind.id,
      true,
      true,
    ])
  }
})

it('gives small pieces small designs, in proportion to what they are measured by', () => {
  const polo = itemKinds.find(({ id }) => id === 'polo')!
  const of = (id: string, chestWidth: number) =>
    usualDesign(polo, polo.placements.find((p) => p.id === id)!, { chestWidth, sleeveHem: 185 })
  // 80 x 60 on a medium of 540: an infant's 262 is 0.485 of it, a child's 400 is 0.741; a small one is grown.
  expect(of('left-chest', 262)).toEqual({ width: 39, height: 29 })
  expect(of('left-chest', 400)).toEqual({ width: 59, height: 44 })
  expect(of('left-chest', 490)).toEqual({ width: 80, height: 60 })
})

it('never lays a sleeve’s design across a ribbed cuff, and counts from the rib’s seam', () => {
  const sleeve = { sleeveHem: 100, sleeveLength: 460, sleeveRib: 62 }
  const plan = planPlacement({
    ...{ kind: 'sweatshirt', placement: 'sleeve', measures: sleeve, design: { width: 50, height: 40 } },
  })
  // 58 above the seam, which lies 62 above the end: the foot at 120, the centre 20 higher.
  expect(plan.pose).toMatchObject({ x: 0, y: -(62 + 58 + 20) })
  expect(plan.steps.map((s) => s.text).join(' ')).toContain('the rib’s seam')
  const low = planPlacement({
    ...{ kind: 'sweatshirt', placement: 'sleeve', measures: sleeve, design: { width: 50, height: 40 } },
    distances: { up: -20 },
  })
  expect(low.warnings.map((w) => w.text)).toContain('The design lies on the ribbed cuff.')
})

it('keeps a trouser leg’s design 15 mm off the seams, which lie at its edges and not in its middle', () => {
  const measures = { hemWidth: 180, thighWidth: 290, inseam: 770 }
  const at = (width: number) =>
    planPlacement({ kind: 'trouser-leg', placement: 'lower-leg', measures, design: { width, height: 50 } })
  expect(at(140).warnings.filter((w) => w.severity !== 'note')).toEqual([])
  expect(
    at(160)
      .warnings.map((w) => w.text)
      .join(),
  ).toMatch(/the leg’s seam; keep 15 mm/)
  expect(at(50).steps[0]!.text).toMatch(/front up, with one seam along each edge/)
})

it('draws a left cuff, open and outside up, with its buttonhole at the worker’s right', () => {
  const measures = { cuffLength: 230, cuffDepth: 65, cuffHole: 26 }
  const plan = planPlacement({ kind: 'shirt', placement: 'cuff', measures, design: { width: 30, height: 12 } })
  const middle = (id: string) => {
    const { left, right } = boxOf(plan.item.zones.find((z) => z.id === id)!.outline)
    return (left + right) / 2
  }
  expect(middle('buttonhole')).toBeGreaterThan(80)
  expect(middle('button')).toBeLessThan(-80)
})
