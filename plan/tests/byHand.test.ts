import { writeMessage } from '@thimble/language'
import { type ChosenStack, Piece, Supply, Swatch } from '@thimble/contract'
import {
  chosenFrom,
  chosenLayers,
  type OwnLayersInput,
  hasOwnLayers,
  decideStage,
  layerReasons,
  madeOf,
  planPiece,
  planThread,
  settledStack,
} from '@thimble/plan'
import { changeAsUsed, changeByHand, type HandChange, shortFor, patchToStack } from '@thimble/plan/byHand'
import { clothGuesses } from '@thimble/plan/clothGuesses'
import { substitutesFor } from '@thimble/plan/judging'
import { habitExample } from '@thimble/plan/habitExample'
import { at, measured, patched, polo, shelf as small } from './marramAndTide'

/** Its tern lightened to 33 stitches a square centimetre of what a fill covers. */
const shelf = { ...small, designs: { tern: { ...small.designs['tern']!, stitches: 1200 } } }

const supply = (id: string, kind: string, leftMm = 9000) =>
  Supply.parse({ id, createdAt: at, updatedAt: at, name: id, kind, widthMm: 500, leftMm })
const [mesh, cover] = [supply('mesh', 'cut-away-mesh-fusible'), supply('cover', 'cover-soft-fusible')]

const start = () => polo({ measure: { measures: measured, designId: 'tern' } })
function worked(supplies: Supply[] = []): { stack: ChosenStack; ask: OwnLayersInput } {
  const { build } = planPiece(start(), { ...shelf, supplies })
  return { stack: chosenFrom(build.stack!), ask: { basis: build.basis, ring: null, supplies } }
}
const told = (stack: ChosenStack): string[] =>
  chosenLayers(stack).map(([, l]) => `${l.sheets > 1 ? `${l.sheets} ` : ''}${l.kind} ${l.grip}${l.own ? ' own' : ''}`)
const hand = (stack: ChosenStack, ask: OwnLayersInput, ...changes: HandChange[]): ChosenStack =>
  changes.reduce((so, change, i) => changeByHand(so, change, ask, `new-${i}`), stack)

describe('a stack changed by hand', () => {
  it('takes a swap with the grip of the new kind, keeps the others, and is no recipe any more', () => {
    const { stack, ask } = worked()
    expect(told(stack)).toEqual(['cloth in-ring', 'cut-away-mesh-fusible fused', 'cover-soft-fusible fused'])
    const [, [id]] = chosenLayers(stack) as [unknown, [string, unknown]]
    const swapped = hand(stack, ask, { do: 'swap', id, kind: 'tear-away-medium' })
    expect(told(swapped).slice(0, 2)).toEqual(['cloth in-ring', 'tear-away-medium sprayed own'])
    expect([swapped.recipe, swapped.needle!.coated]).toEqual([null, true])
  })

  it('is added to where the kind lies, moved among its like, and made lighter', () => {
    const { stack, ask } = worked()
    const added = hand(stack, ask, { do: 'add', kind: 'tear-away-light' }, { do: 'add', kind: 'wash-away-film' })
    expect(chosenLayers(added).map(([, l]) => l.kind)).toEqual([
      ...['wash-away-film', 'cloth', 'cut-away-mesh-fusible', 'tear-away-light', 'cover-soft-fusible'],
    ])
    const up = hand(added, ask, { do: 'move', id: 'new-0', by: -1 })
    expect(
      chosenLayers(up)
        .map(([, l]) => l.kind)
        .slice(2, 4),
    ).toEqual(['tear-away-light', 'cut-away-mesh-fusible'])
    // Above it lies the cloth: it goes no further.
    expect(hand(up, ask, { do: 'move', id: 'new-0', by: -1 })).toEqual(up)
    expect(told(hand(added, ask, { do: 'sheets', id: 'new-0', sheets: 2 }))).toContain('2 tear-away-light in-ring own')
  })

  it('stays the worker’s own when a layer is only left out', () => {
    const { stack, ask } = worked()
    const [, [id]] = chosenLayers(stack) as [unknown, [string, unknown]]
    const bare = settledStack(hand(stack, ask, { do: 'remove', id }))
    expect([bare.layers.map((l) => l.kind), hasOwnLayers(bare)]).toEqual([['cloth', 'cover-soft-fusible'], true])
  })

  it('is laid again when the cloth is another, and kept with its needle and lists', () => {
    const { stack, ask } = worked()
    const own = hand(stack, ask, { do: 'add', kind: 'tear-away-light' })
    const piece = patched(start(), { build: { stack: own, cloth: { family: 'canvas' } } })
    const plans = planPiece(piece, shelf)
    expect(plans.build.stack!.needle).toMatchObject({ size: '75/11', point: 'sharp' })
    const kept = Piece.parse(patched(piece, decideStage(piece, 'build', plans, at)!)).build.kept[0]!
    expect(kept.stack!.layers.map((l) => l.kind)).toEqual([
      ...['cloth', 'cut-away-mesh-fusible', 'tear-away-light', 'cover-soft-fusible'],
    ])
  })
})

describe('a stack as it was used', () => {
  it('takes another layer, while needle, threads and speed stay what they were', () => {
    const { stack, ask } = worked()
    const [, [id]] = chosenLayers(stack) as [unknown, [string, unknown]]
    const used = changeAsUsed(stack, { do: 'swap', id, kind: 'cut-away-medium' }, ask, 'new')
    expect(told(used)[1]).toBe('cut-away-medium sprayed own')
    // Sprayed, it would be advised with a coated needle; a plain one was in.
    expect([changeByHand(stack, { do: 'swap', id, kind: 'cut-away-medium' }, ask, 'new').needle!.coated]).toEqual([
      true,
    ])
    expect([used.needle, used.speedSpm]).toEqual([stack.needle, stack.speedSpm])
  })
})

it('a change is sent as what is otherwise, so that another hand’s layer stays', () => {
  const { stack, ask } = worked()
  const two = hand(stack, ask, { do: 'add', kind: 'tear-away-light' })
  const more = hand(two, ask, { do: 'sheets', id: 'new-0', sheets: 2 })
  expect(patchToStack(two, more)).toEqual({ layers: { 'new-0': { sheets: 2, crossed: true } } })
  const gone = hand(two, ask, { do: 'remove', id: 'new-0' })
  expect(patchToStack(two, gone).layers).toMatchObject({ 'new-0': null })
})

it('small letters are threaded as advised, and the hoop that would be taken sizes the pieces', () => {
  const letters = {
    ...shelf,
    designs: { tern: { ...shelf.designs.tern, kind: 'wording' as const, smallestLetterMm: 5 } },
  }
  const { build, hoop } = planPiece(start(), letters)
  expect(build.stack!.thread).toEqual({ weight: 60, fibre: 'polyester' })
  // Its outside is the field with 34 and 50 more, and 20 a side lie beyond that.
  const { outside } = hoop.hoop!
  const mesh = build.stack!.layers.find((layer) => layer.kind === 'cut-away-mesh-fusible')!
  expect(mesh.piece).toEqual({ widthMm: outside.width + 40, heightMm: outside.height + 40 })
})

describe('what the stash lacks', () => {
  it('is said, and what is there and would do as well is offered', () => {
    const { stack, ask } = worked([supply('plain', 'cut-away-mesh'), supply('light', 'tear-away-light')])
    expect(shortFor(stack, ask).map((s) => s.kind)).toEqual(['cut-away-mesh-fusible', 'cover-soft-fusible'])
    const [, [id]] = chosenLayers(stack) as [unknown, [string, unknown]]
    // Tear-away would let the polo go out of shape, so it is not among them.
    expect(substitutesFor(stack, id, ask)).toEqual(['cut-away-mesh'])
    expect(shortFor(stack, { ...ask, supplies: [mesh, cover] })).toEqual([])
  })
})

it('a layer says why it lies there and how it comes off; the worker’s own says only the latter', () => {
  const { stack, ask } = worked()
  const settled = settledStack(stack)
  const { why, off } = layerReasons(settled, 1, ask.basis)
  expect(writeMessage(why[0]!)).toMatch(/^It stretches 17.5 %: fused cut-away stays/)
  expect(writeMessage(off!)).toMatch(/^Trim the cut-away 6 to 12 mm/)
  const own = { ...settled, layers: settled.layers.map((l) => ({ ...l, own: true })) }
  expect(layerReasons(own, 1, ask.basis).why).toEqual([])
})

describe('a cloth of the shop’s own', () => {
  const swatch = Swatch.parse({
    ...{ id: 'market', createdAt: at, updatedAt: at, name: 'Market linen', family: 'linen', colour: '#c8b090' },
    ...{ stretchPercent: 7, gsm: 200, thicknessMm: 0.4, pileMm: 0, heat: 'yes', bruise: 'low', seeThrough: 'none' },
  })

  it('is carried by the piece with its numbers, which a pull test goes before', () => {
    const piece = patched(start(), { build: { cloth: madeOf(swatch) } })
    expect(planPiece(piece, shelf).build.basis.cloth).toMatchObject({ family: 'linen', stretchPercent: 7, gsm: 200 })
    const pulled = patched(piece, { build: { cloth: { stretch: '3' } } })
    expect(planPiece(pulled, shelf).build.basis.cloth).toMatchObject({ stretchPercent: 3, gsm: 200 })
  })
})

it('an unknown cloth is told once all four tests are answered', () => {
  const cloth = start().build.cloth
  const tested = { surface: 'loops', light: 'none', iron: 'takes' } as const
  expect(clothGuesses({ ...cloth, stretch: '8', tested: { ...tested, iron: null } })).toBeNull()
  // Terry fits all four; waffle a tenth as well for its face and light, the rest 0.045 together: 1 of 1.145.
  expect(clothGuesses({ ...cloth, stretch: '8', tested })![0]).toEqual({ family: 'terry', percent: 87 })
})

describe('thread and time', () => {
  const machine = { usualSpm: 600, changeSeconds: 60 }
  const asked = (over: object = {}) => {
    const { build, marked } = planPiece(start(), shelf)
    const { basis, stack } = build
    const ask = {
      times: { copies: 1, hoopings: 1 },
      design: marked.design,
      designs: shelf.designs,
      typedStitches: '',
      basis,
      stack: stack!,
      machine,
      threads: [],
    }
    return planThread({ ...ask, ...over })
  }

  it('are by the count where only that is known: 5.2 and 3 m a thousand', () => {
    const plan = asked()!
    // 1200 stitches in two colours.
    expect(plan.colours.map((c) => Math.round(c.metres * 100) / 100)).toEqual([3.12, 3.12])
    expect(plan.bobbinMetres).toBeCloseTo(3.6, 5)
    // 1200 / (600 x 0.85) minutes, one change, 4 minutes to hoop.
    expect(plan.time.seconds).toBeCloseTo((1200 / 510) * 60 + 60 + 240, 6)
  })

  it('are of all its copies, in as many hoopings as there are', () => {
    const [one, three] = [asked()!, asked({ times: { copies: 3, hoopings: 2 } })!]
    expect(three.colours[0]!.metres).toBeCloseTo(3 * one.colours[0]!.metres, 6)
    // Two colours three times over are five changes; two hoopings of 4 minutes.
    expect(three.time.parts).toMatchObject({ changes: 300, hooping: 480 })
  })

  it('are against the spool of the same colour, and unknown where no stitch is', () => {
    const white = { id: 'w', createdAt: at, updatedAt: at, name: 'Salt', colour: '#fdfbf5', leftM: 2, revision: 0 }
    const threads = [{ ...white, weight: 40 as const, fibre: 'polyester' as const, note: '' }]
    expect(asked({ threads })!.colours.map((c) => [c.thread?.name ?? null, c.leftM])).toEqual([
      ['Salt', 2],
      [null, null],
    ])
    const sized = { ...planPiece(start(), shelf).marked.design, id: null }
    expect(asked({ design: sized })).toBeNull()
  })
})

it('a habit is told on the first piece of the shop that shows it', () => {
  const tea = patched(start(), { name: 'Tea towel', build: { cloth: { family: 'twill' } } })
  const knits = habitExample('knits', ['hoop', 'float'], [tea, start()], shelf)!
  expect(knits.piece).toBe('Crew polo')
  expect([knits.comes['hoop'], knits.comes['float']]).toEqual([
    'Hooped: fusible cut-away mesh, soft fusible cover.',
    'Floated: fusible cut-away mesh, sticky tear-away, soft fusible cover.',
  ])
  expect(habitExample('heavyNeedle', ['start-75', 'start-90'], [start()], shelf)).toBeNull()
})
