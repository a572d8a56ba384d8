import { Piece } from '@thimble/contract'
import { itemKinds } from '@thimble/core/placement'
import type { ClothFamily } from '@thimble/core/recipe'
import { heldIn, newPiece, planPiece } from '@thimble/plan'
import { readyDemo } from '../../demo/readyDemo'

const demo = readyDemo()
const shelf = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }

/** What craft.md section 9 refuses of a hoop: what cannot be done there, breaks a machine or hurts. */
const refusals = [
  ...['too-large', 'too-thick', 'other-machine'],
  ...['cloth-too-small', 'ring-on-opening', 'ring-on-zone', 'ring-too-wide'],
]
/** Those that leave floating open: there the cloth lies on what is hooped. */
const ofTheRim = ['too-thick', 'cloth-too-small', 'ring-on-opening', 'ring-on-zone', 'ring-too-wide']
const holdings = ['hooped', 'floated', 'backing-under', 'clamped'] as const

// One in forty here; all of them with `npm run endure`.
const ONE_IN = process.env.THIMBLE_ENDURE ? 1 : 40

const cases = itemKinds.flatMap((kind) =>
  kind.placements.flatMap((placement) =>
    demo.hoops.flatMap((hoop) => holdings.map((holding) => ({ kind, placement, hoop, holding }))),
  ),
)

it('a hoop is refused for nothing but what cannot be done, and what is held the worker’s way has its layers and steps', () => {
  const wrong: string[] = []
  let taken = 0
  for (const { kind, placement, hoop, holding } of cases.filter((_, i) => i % ONE_IN === 0)) {
    const begun = newPiece({
      ...{ id: 'p', name: kind.id, createdAt: '2026-11-25T10:00:00.000Z', family: kind.usualCloth as ClothFamily },
      ...{ item: { kind: kind.id, size: kind.usualSize }, placement: placement.id },
    })
    const piece = Piece.parse({ ...begun, hoop: { ...begun.hoop, hoopId: hoop.id, holding } })
    const { hoop: plan, built, build } = planPiece(piece, shelf)
    const what = `${kind.id} ${placement.id} ${hoop.name} ${holding}`
    const stops = plan.chosen!.reasons.filter(({ severity }) => severity === 'stop').map(({ code }) => code)
    for (const code of stops) if (!refusals.includes(code)) wrong.push(`${what}: ${code}`)
    if (plan.chosen!.fits !== (stops.length === 0))
      wrong.push(`${what}: fits ${plan.chosen!.fits} with ${stops.join()}`)
    if (holding === 'floated' && stops.some((code) => ofTheRim.includes(code))) wrong.push(`${what}: ${stops.join()}`)
    if (!plan.chosen!.fits) continue
    taken++
    if (plan.method !== heldIn(hoop, holding)) wrong.push(`${what}: held ${plan.method}`)
    if (built.stack?.holding !== plan.method) wrong.push(`${what}: its layers are ${built.stack?.holding}`)
    if (build.advice.options.length === 0) wrong.push(`${what}: no layers for it`)
  }
  expect(wrong).toEqual([])
  expect(taken).toBeGreaterThan(cases.length / ONE_IN / 3)
})
