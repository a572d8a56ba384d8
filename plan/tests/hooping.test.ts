import { writeMessage } from '@thimble/language'
import { type Hoop, Machine, type Patch, type Piece } from '@thimble/contract'
import { applyPose, composePose, inversePose, type Pose } from '@thimble/core/plane'
import {
  beforeStart,
  checkStraight,
  cutSizes,
  dialMove,
  hoopingAtHand,
  decideStage,
  loadingAtHand,
  planPiece,
  ringOf,
  tryOf,
  waysToLineUp,
  writeLanded,
} from '../src'
import { readCamera } from '../src/hoop/readCamera'
import { at, hoop, measured, mm, patched, polo, shelf as bare } from './marramAndTide'

const kept = { createdAt: at, updatedAt: at }
const machine = (over: object = {}): Machine =>
  Machine.parse({ id: 'm', name: 'Boatyard', field: { width: 300, height: 300 }, ...kept, ...over })
const shelf = { ...bare, machines: [machine()], hoops: [hoop('square', 100, 100), hoop('long', 130, 180)] }
const chest = (patch: Patch<Piece> = {}): Piece =>
  patched<Piece>(
    polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square', turn: 0 } }),
    patch,
  )

const check = (piece: Piece, on = shelf) => {
  const { marked, hoop: plan } = planPiece(piece, on)
  return checkStraight({ piece, marked, plan, shop: on.shop, hoops: on.hoops })!
}
/** Marks as they are read off the grid when the design comes to lie at `lies`. */
const landed = (piece: Piece, lies: Pose, on = shelf): Piece => {
  const { at: hooping, sought } = check(piece, on)
  const frame = composePose(lies, inversePose(hooping.target))
  const { x, y } = hooping.hoop.notchOffset ?? { x: 0, y: 0 }
  const told = sought.map(({ id, planned }) => {
    const seen = applyPose(frame, planned)
    return [id, writeLanded({ x: seen.x - x, y: seen.y - y }, on.shop)]
  })
  return patched(piece, { hoop: { landed: Object.fromEntries(told) } })
}

describe('is it straight enough', () => {
  it('dials a hooping of 3 degrees straight, counted from the notches wherever they cross', () => {
    const off = { ...shelf.hoops[0]!, notchOffset: { x: 4, y: -7 } } as Hoop
    for (const on of [shelf, { ...shelf, hoops: [off] }]) {
      const { correction, move, warnings } = check(landed(chest(), { x: -2, y: 3, rotation: 3 }, on), on)
      expect(warnings).toEqual([])
      expect(correction!.exact).toMatchObject({
        x: expect.closeTo(-2, 1),
        y: expect.closeTo(3, 1),
        rotation: expect.closeTo(3, 1),
      })
      expect(move).toMatchObject({ turn: 3, right: -2, down: 3 })
    }
  })

  it('sends one of 9 degrees back where a quarter-turning machine has it, and where the field is too tight', () => {
    const quarters = { ...shelf, machines: [machine({ turns: 'quarter' })] }
    expect(check(landed(chest(), { x: 0, y: 0, rotation: 9 }, quarters), quarters).warnings[0]!.code).toBe(
      'past-its-turn',
    )
    const { correction } = check(landed(chest(), { x: 9, y: 0, rotation: 9 }))
    expect([correction!.fitsExact, correction!.remedies.some((r) => r.kind === 'move-cloth')]).toEqual([false, true])
  })

  it('says when it lies round the other way from how it was loaded', () => {
    expect(check(landed(chest(), { x: 0, y: 0, rotation: 182 })).warnings[0]!.code).toBe('other-way-up')
  })

  it('finds a napkin’s corner by its hems, whichever way its points were taken', () => {
    const napkin = polo(
      {
        measure: { measures: { width: mm('400'), length: mm('400') }, designId: 'tern' },
        hoop: { hoopId: 'long', look: 'edges', turn: 0 },
      },
      { item: { kind: 'napkin', size: 'lunch' }, placement: 'corner', family: 'linen' },
    )
    const start = check(napkin)
    const lies = {
      ...start.at.pose,
      x: start.at.pose.x + 2,
      y: start.at.pose.y - 3,
      rotation: start.at.pose.rotation + 4,
    }
    const found = landed(napkin, lies)
    const ids = Object.keys(found.hoop.landed)
    const swapped = { [ids[0]!]: found.hoop.landed[ids[1]!]!, [ids[1]!]: found.hoop.landed[ids[0]!]! }
    for (const piece of [found, patched(found, { hoop: { landed: swapped } })]) {
      const { correction, corner } = check(piece)
      expect(correction!.exact).toMatchObject({ x: expect.closeTo(lies.x, 0), y: expect.closeTo(lies.y, 0) })
      expect(corner!.square).toBeLessThan(0.5)
    }
  })

  it('keeps a try with what was found and how long it took', () => {
    const piece = patched(landed(chest(), { x: 0, y: 0, rotation: 2 }), { hoop: { kept: [] } })
    const done = patched<Piece>(piece, decideStage(piece, 'hoop', planPiece(piece, shelf), '2026-11-23T08:00:00.000Z')!)
    const one = tryOf(check(done), done, 'again', '2026-11-23T08:04:30.000Z')!
    expect(one).toMatchObject({ then: 'again', fits: true, minutes: 4.5, way: 'marks' })
    expect(Object.keys(one.landed)).toHaveLength(5)
  })
})

it('reads a camera’s picture from aslant by the hoop’s four notches', () => {
  const square = shelf.hoops[0]!
  // A plain view of 2 pixels a millimetre about (320, 240).
  const px = (x: number, y: number) => ({ x: 320 + 2 * x, y: 240 + 2 * y })
  const [w, h] = [square.outside.width / 2, square.outside.height / 2]
  const look = {
    ...{ width: 640, height: 480, missed: [], sigma: 0.5, picture: '' },
    notches: [px(0, -h), px(w, 0), px(0, h), px(-w, 0)],
    marks: [{ id: 'cross', at: px(-6, 9) }],
  }
  const read = readCamera(look, square, shelf.shop)!
  expect(read.landed).toEqual({ cross: { right: '−6.0', down: '9.0' } })
  expect(read.off).toBeCloseTo(0.5, 6)
})

describe('what is dialled', () => {
  it('goes from the middle of the field in the machine’s own steps, and says where the top edge comes', () => {
    const piece = chest()
    const { marked, hoop: plan } = planPiece(piece, shelf)
    const hooping = hoopingAtHand(piece, plan, marked)!
    const move = dialMove({ piece, marked, machine: plan.machine, at: hooping }, { x: 4.3, y: -6.1, rotation: 0 })
    // Half of its 62 above the cross; the steps leave 0.2 right and 0.1 down.
    expect(move).toMatchObject({ turn: 0, right: 4.5, down: -6 })
    expect(move.left).toBeCloseTo(Math.hypot(0.2, 0.1), 6)
    expect(move.topEdge!.below).toBeCloseTo(marked.placed!.pose.y - 31 + 0.1, 6)
  })
})

it('cuts for the hoop that is kept, from the shortest roll that gives it', () => {
  const roll = (id: string, leftMm: number) =>
    ({
      ...kept,
      revision: 0,
      id,
      name: id,
      kind: 'cut-away-mesh',
      colour: '#ffffff',
      widthMm: 300,
      leftMm,
      lowMm: 0,
      sheetMm: null,
      cost: null,
      note: '',
    }) as const
  const piece = chest({ build: { cloth: { colour: '#27406b' } } })
  const { built } = planPiece(piece, shelf)
  const stack = {
    ...built.stack!,
    layers: [{ ...built.stack!.layers.find((l) => l.role === 'backing')!, kind: 'cut-away-mesh' as const, sheets: 2 }],
  }
  const ask = { stack, basis: built.basis, method: 'hooped' as const, ring: ringOf(shelf.hoops[0]!) }
  // 134 x 150 and 20 a side: two of 174 x 190 stand one after the other on a roll 300 wide: 348 along, their 190 across.
  const [cut] = cutSizes({ ...ask, supplies: [roll('long', 900), roll('short', 340), roll('enough', 350)] })
  expect([cut!.piece, cut!.supply!.id]).toEqual([{ widthMm: 174, heightMm: 190 }, 'enough'])
  expect(cutSizes({ ...ask, supplies: [roll('short', 340)] })[0]!.supply).toBeNull()
})

it('lines a towel up by its border along the hoop’s inside edge', () => {
  const towel = polo(
    { measure: { designId: 'tern' }, hoop: { hoopId: 'long', turn: 0 } },
    { item: { kind: 'bath-towel', size: 'usual' }, placement: 'above-border', family: 'terry' },
  )
  const { marked, hoop: plan } = planPiece(towel, shelf)
  const way = waysToLineUp({ piece: towel, marked, plan }).find((one) => one.side === 'front')!
  // The field is 180 high; the ring’s edge 12 beyond it; the design 31 to its foot, which stays as far from the border as placed.
  expect(way.pose.y + 31 + way.designFrom).toBeCloseTo(90 + 12, 6)
  const lined = planPiece(patched(towel, { hoop: { lineUp: way.line } }), shelf).hoop
  expect([lined.chosen!.pose.y, lined.chosen!.fits]).toEqual([way.pose.y, true])
})

it('hoops a design that is too long by its own parts, and only where it has some', () => {
  const part = (name: string, x: number) => ({
    name,
    hull: [x - 40, -30, x + 40, -30, x + 40, 30, x - 40, 30],
  })
  const long = { ...shelf.designs.tern!, id: 'long', name: 'Tern and name', width: 200, height: 60 }
  const on = (parts: object[]) => ({
    ...shelf,
    hoops: [shelf.hoops[0]!],
    designs: { long: { ...long, parts } as typeof long },
  })
  const panel = polo(
    { measure: { measures: { width: mm('600'), height: mm('500') }, designId: 'long' }, hoop: { turn: 0 } },
    { item: { kind: 'flat-panel', size: 'large' }, placement: 'centred', family: 'twill' },
  )
  const { hoop: plan, marked } = planPiece(panel, on([part('tern', -60), part('name', 60)]))
  expect([plan.chosen!.hoopings, plan.chosen!.parts]).toEqual([2, [[0], [1]]])
  // The second hooping has the name, 60 to the right of the cross, in the middle of its field.
  const second = hoopingAtHand(patched<Piece>(panel, { hoop: { group: 1 } }), plan, marked)!
  expect([second.groups, second.pose.x, second.hull.length]).toEqual([2, -60, 4])
  expect(planPiece(panel, on([])).hoop.chosen).toBeNull()
})

it('dials in steps of 2.5 mm where the machine moves by these, and says where it then lies', () => {
  const piece = chest()
  const coarse = { ...shelf, machines: [machine({ moveStep: 2.5 })] }
  const { marked, hoop: plan } = planPiece(piece, coarse)
  const hooping = hoopingAtHand(piece, plan, marked)!
  const exact = { x: 3.4, y: -6.1, rotation: 0 }
  const move = dialMove({ piece, marked, machine: plan.machine, at: hooping }, exact)
  expect(move).toMatchObject({ right: 2.5, down: -5, pose: { x: 2.5, y: -5, rotation: 0 } })
  expect(move.left).toBeCloseTo(Math.hypot(0.9, 1.1), 6)
})

describe('how it lies on the machine', () => {
  const decided = (piece: Piece, on = shelf): Piece =>
    patched<Piece>(piece, decideStage(piece, 'hoop', planPiece(piece, on), at)!)
  const loading = (piece: Piece, on = shelf) => {
    const { marked, hoop: plan } = planPiece(piece, on)
    return loadingAtHand({ piece, shop: on.shop, marked, plan, at: hoopingAtHand(piece, plan, marked)! })!
  }

  it('stays as it was decided when the house loads otherwise afterwards', () => {
    const asAdvised = polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square' } })
    const piece = decided(asAdvised)
    const hem = { ...shelf, shop: { ...shelf.shop, habits: { ...shelf.shop.habits, loading: 'hem-to-user' as const } } }
    expect(loading(asAdvised, hem).sides.front.way).toBe('down')
    expect(loading(piece, hem).sides).toEqual(loading(piece).sides)
    expect(loading(piece).sides.front.way).not.toBe('down')
  })

  it('is told of each corner as that corner lies, though the hoop is the same', () => {
    const blanket = polo(
      {
        measure: { measures: { width: mm('1300'), length: mm('1700') }, designId: 'tern' },
        hoop: { hoopId: 'square' },
      },
      { item: { kind: 'blanket', size: 'throw' }, placement: 'four-corners', family: 'twill' },
    )
    const piece = decided(blanket)
    const corners = [0, 1, 2, 3].map((group) => loading(patched<Piece>(piece, { hoop: { group } })).sides)
    // Turned a quarter each time, a hem comes to the throat by another name, as far away; length and width take turns behind.
    expect(corners.map(({ throat }) => Math.round(throat.reach))).toEqual([179, 179, 179, 179])
    const [first, second, third, fourth] = corners.map(({ back }) => Math.round(back.reach))
    expect([third, fourth, Math.abs(first! - second!)]).toEqual([first, second, 400])
    expect(new Set(corners.map(({ front }) => front.way)).size).toBe(4)
  })
})

it('asks before the start for what holds it: magnets at a clamp, the inner ring at a screw', () => {
  const clamp = { ...hoop('clamp', 200, 200), clamp: true }
  const on = { ...shelf, hoops: [hoop('square', 100, 100), clamp] }
  const listed = (hoopId: string): string => {
    const piece = polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId } })
    const done = patched<Piece>(piece, decideStage(piece, 'hoop', planPiece(piece, on), at)!)
    return beforeStart(done, planPiece(done, on).built)
      .map(({ line }) => writeMessage(line.said))
      .join(' ')
  }
  expect(listed('clamp')).toMatch(/Magnets seated all round/)
  expect(listed('clamp')).not.toMatch(/inner ring/i)
  expect(listed('square')).toMatch(/Inner ring right way round/)
  expect(listed('square')).not.toMatch(/magnet/i)
})
