import {
  type HoopChoiceSource,
  planPlacement,
  type PlacementPlan,
  placeInHoop,
  type Point,
  type Pose,
  rankHoops,
  rectangle,
} from '../src'
import { itemKinds, presetMeasures, usualDesign } from '../src/placement'
import { applyPose, inversePose, composePose } from '../src/plane'

const hoop = (id: string, width: number, height: number, ring: [number, number], oval = false): HoopChoiceSource => ({
  ...{ id, name: id, outside: { width: ring[0], height: ring[1] } },
  field: oval ? { shape: 'oval', width, height } : { shape: 'rect', width, height, cornerRadius: 5 },
})
const shelf = [
  hoop('square', 100, 100, [134, 150]),
  hoop('long', 130, 180, [170, 232]),
  hoop('large', 160, 260, [204, 318]),
  hoop('oval', 120, 90, [150, 120], true),
  { ...hoop('small', 60, 60, [82, 90]), notchOffset: { x: 6, y: -4 } },
]

/** Every third here, which is of every item; the rest with `npm run endure`. */
const ONE_IN = process.env.THIMBLE_ENDURE ? 1 : 3

const inside = (p: Point, polygon: readonly Point[]): boolean =>
  polygon.reduce((yes, a, i) => {
    const b = polygon[(i + 1) % polygon.length]!
    return a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x ? !yes : yes
  }, false)

/** Its rim by points all round, seen on the item. */
function rimPoints({ outside, notchOffset = { x: 0, y: 0 } }: HoopChoiceSource, frame: Pose): Point[] {
  const steps = Array.from({ length: 24 }, (_, i) => (i / 24 - 0.5) * 0.9999)
  const [w, h] = [outside.width, outside.height].map((side) => side * 0.9999)
  return steps
    .flatMap((t) => [
      { x: t * w!, y: -h! / 2 },
      { x: w! / 2, y: t * h! },
      { x: -t * w!, y: h! / 2 },
      { x: -w! / 2, y: -t * h! },
    ])
    .map((p) => applyPose(frame, { x: p.x + notchOffset.x, y: p.y + notchOffset.y }))
}

/** The rim has cloth under it all round, and no edge of the cloth, nor an opening, comes to lie within. */
const liesOnCloth = (one: HoopChoiceSource, target: Pose, pose: Pose, { item }: PlacementPlan): boolean => {
  const frame = composePose(target, inversePose(pose))
  const back = inversePose(frame)
  const { x, y } = one.notchOffset ?? { x: 0, y: 0 }
  const framed = (p: Point): boolean => {
    const at = applyPose(back, p)
    return Math.abs(at.x - x) < one.outside.width / 2 - 0.01 && Math.abs(at.y - y) < one.outside.height / 2 - 0.01
  }
  const openings = item.zones.filter((zone) => zone.ring === 'opening')
  if (item.outline.some(framed) || openings.some((zone) => zone.outline.some(framed))) return false
  return rimPoints(one, frame).every(
    (p) => inside(p, item.outline) && !openings.some((zone) => inside(p, zone.outline)),
  )
}

/** Hard things the rim would lie on, by a grid: within the ring's outside and not wholly in the field. */
const overHardThings = (one: HoopChoiceSource, target: Pose, pose: Pose, { item }: PlacementPlan): boolean => {
  const back = composePose(pose, inversePose(target))
  const { x, y } = one.notchOffset ?? { x: 0, y: 0 }
  const field = one.field as { width: number; height: number }
  return item.zones.some(({ ring, outline }) => {
    if (ring !== 'refused') return false
    const seen = outline.map((p) => applyPose(back, p))
    const [xs, ys] = [seen.map((p) => p.x), seen.map((p) => p.y)]
    const meets =
      Math.min(...xs) < x + one.outside.width / 2 &&
      Math.max(...xs) > x - one.outside.width / 2 &&
      Math.min(...ys) < y + one.outside.height / 2 &&
      Math.max(...ys) > y - one.outside.height / 2
    return meets && !seen.every((p) => Math.abs(p.x) <= field.width / 2 && Math.abs(p.y) <= field.height / 2)
  })
}

const cases = itemKinds.flatMap((kind) =>
  kind.placements.flatMap((rule) => {
    const sizes = [kind.sizes[0]!, kind.sizes.find((s) => s.id === kind.usualSize)!]
    return [...new Set(sizes)].map((size) => {
      const measures = presetMeasures(kind, size.id)
      const design = usualDesign(kind, rule, measures) ?? { width: 80, height: 60 }
      return {
        name: `${kind.id} ${size.id} ${rule.id}`,
        design,
        plan: planPlacement({ kind: kind.id, placement: rule.id, measures, design }),
      }
    })
  }),
)

describe('a hoop on the items of the catalogue', () => {
  it('is never offered as hooped where it leaves the cloth or frames an opening; nor refused where a slide would do', () => {
    const wrong: string[] = []
    for (const { name, design, plan } of cases.filter((c, i) => c.plan.row === null && i % ONE_IN === 0)) {
      const { pose: target, item } = plan
      const hull = rectangle(design.width, design.height)
      for (const choice of rankHoops({ hull, hoops: shelf, item: { target, ...item } })) {
        const one = shelf.find((h) => h.id === choice.hoop)!
        if (choice.fits) {
          if (!liesOnCloth(one, target, choice.pose, plan)) wrong.push(`${name} ${one.id} leaves the cloth`)
          if (!placeInHoop({ hull, field: one.field, pose: choice.pose }).fits)
            wrong.push(`${name} ${one.id} leaves the field`)
        } else if (!choice.ringInside) continue
        else if (aSlideWouldDo(one, hull, target, plan))
          wrong.push(`${name} ${one.id} refused: ${choice.reasons.map((r) => r.code).join()}`)
      }
    }
    expect(wrong).toEqual([])
  })
})

/** By trying moves 5 mm apart at each quarter turn. */
function aSlideWouldDo(one: HoopChoiceSource, hull: Point[], target: Pose, plan: PlacementPlan): boolean {
  const { width, height } = one.field as { width: number; height: number }
  const [w, h] = [hull[2]!.x, hull[2]!.y]
  for (const rotation of [0, 90, 180, 270]) {
    const [across, along] = rotation % 180 === 0 ? [width / 2 - w, height / 2 - h] : [width / 2 - h, height / 2 - w]
    for (let x = -Math.floor(across / 5) * 5; x <= across; x += 5)
      for (let y = -Math.floor(along / 5) * 5; y <= along; y += 5) {
        const pose = { x, y, rotation }
        if (!liesOnCloth(one, target, pose, plan) || overHardThings(one, target, pose, plan)) continue
        if (placeInHoop({ hull, field: one.field, pose }).fits) return true
      }
  }
  return false
}
