import { inWords } from './inWords'
import type { PatchRole } from '../src/design/patchRoles'
import { blockAt, bobbinAt, clothHalts, secondsAt, sewProgram, stitchAfter } from '@thimble/core/sewing'

const block = (colour: string, stitches: number, trims = 0) => ({
  ...{ colour, stitches, trims, topMetres: stitches / 200, bobbinMetres: stitches / 400 },
})

describe('what a machine sews in one hooping', () => {
  // At 1000 a minute it reaches 850: each of these blocks takes a minute, the one with a trim 6 s more.
  const program = sewProgram({ blocks: [block('#a00000', 850), block('#0000a0', 850, 1)], copies: 2, speedSpm: 1000 })

  it('goes copy by copy, halts where the colour changes, and takes the needle’s time', () => {
    expect(program.blocks.map(({ copy, block, from, to }) => [copy, block, from, to])).toEqual([
      [0, 0, 0, 850],
      [0, 1, 850, 1700],
      [1, 0, 1700, 2550],
      [1, 1, 2550, 3400],
    ])
    expect(program.blocks.map(({ halt }) => halt)).toEqual(['colour', 'colour', 'colour', null])
    expect(program.seconds).toBeCloseTo(252, 9)
  })

  it('tells time, bobbin and block at a stitch; at a border the block that begins', () => {
    expect(secondsAt(program, 425)).toBeCloseTo(30, 9)
    expect(secondsAt(program, 1700)).toBeCloseTo(126, 9)
    expect(bobbinAt(program, 1275)).toBeCloseTo(1275 / 400, 9)
    expect([0, 849, 850, 3400].map((stitch) => blockAt(program, stitch))).toEqual([0, 0, 1, 3])
  })

  it('by the clock it comes to the next halt and no farther, but past one that is done with', () => {
    expect(stitchAfter(program, 0, 30)).toBeCloseTo(425, 9)
    expect(stitchAfter(program, 0, 3600)).toBe(850)
    expect(stitchAfter(program, 842, 3600)).toBe(850)
    expect(stitchAfter(program, 842, 3600, 1)).toBe(1700)
    expect(stitchAfter(program, 3400, 5)).toBe(3400)
  })

  it('a row of one colour is sewn without a halt; one of no copies is refused', () => {
    const row = sewProgram({ blocks: [block('#a00000', 100)], copies: 3, speedSpm: 600 })
    expect(row.blocks.map(({ halt }) => halt)).toEqual([null, null, null])
    expect(inWords(() => sewProgram({ blocks: [block('#a00000', 100)], copies: 0, speedSpm: 600 }))).toThrow(
      'at least one copy',
    )
  })
})

describe('a patch that is applied', () => {
  const of = (patch: string, role: PatchRole, more: object = {}) => ({ patch, role, ...more })

  it('is laid before its tack line and trimmed before its cover, of whatever size and colour', () => {
    expect(clothHalts([of('A', 'placement'), of('A', 'tack'), of('A', 'cover')])).toEqual([
      { lay: ['A'], trim: [] },
      { lay: [], trim: ['A'] },
      null,
    ])
    expect(clothHalts([{}, {}])).toEqual([null, null])
  })

  it('is laid with all whose line is sewn, and trimmed with all that are tacked; one cut beforehand is not', () => {
    const blocks = [
      ...[of('A', 'placement'), of('B', 'placement'), of('A', 'tack'), of('B', 'tack', { cutBeforehand: true })],
      ...[of('A', 'cover'), of('B', 'cover'), of('B', 'detail')],
    ]
    const both = { lay: ['A', 'B'], trim: [] }
    expect(clothHalts(blocks)).toEqual([null, both, null, { lay: [], trim: ['A'] }, null, null, null])
  })

  it('is laid before its cover where nothing tacks it', () => {
    const blocks = [of('A', 'placement'), of('A', 'tack'), of('B', 'placement'), of('B', 'cover')]
    expect(clothHalts(blocks)).toEqual([{ lay: ['A'], trim: [] }, null, { lay: ['B'], trim: ['A'] }, null])
  })

  it('halts the machine, also between blocks of one colour', () => {
    const laid = sewProgram({
      blocks: [
        { ...block('#aa0000', 90), ...of('A', 'placement') },
        { ...block('#aa0000', 110), ...of('A', 'tack') },
        { ...block('#0000aa', 1800), ...of('A', 'cover') },
      ],
      ...{ copies: 1, speedSpm: 600 },
    })
    expect(laid.blocks.map(({ halt, cloth }) => [halt, cloth?.lay ?? [], cloth?.trim ?? []])).toEqual([
      ['lay', ['A'], []],
      ['trim', [], ['A']],
      [null, [], []],
    ])
  })
})
