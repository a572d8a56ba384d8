import fc from 'fast-check'
import { planColourOrder, readDesignSvg, readStitchCsv } from '../src'
import type { OfPatch, PatchRole } from '../src/design/patchRoles'
import { clothHalts } from '@thimble/core/sewing'

const MANY = process.env.THIMBLE_ENDURE ? 2000 : 150
const svg = (inside: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="200mm" height="200mm" viewBox="0 0 200 200">${inside}</svg>`
type Circle = { x: number; y: number; r: number }
const ring = (colour: string, width: number, { x, y, r }: Circle): string =>
  `<circle cx="${x}" cy="${y}" r="${r}" fill="none" stroke="${colour}" stroke-width="${width}"/>`
const [RED, BLUE] = ['#aa0000', '#0000aa']
const sun = { x: 50, y: 50, r: 20 }
const rolesOf = (blocks: readonly OfPatch[]): string[] =>
  blocks.map(({ patch, role }) => (patch ? `${patch} ${role}` : '-'))

describe('what a drawing tells of its patches', () => {
  it('an outline drawn once, again, then satin over it, in one thread or in three, is a patch', () => {
    for (const colours of [
      [RED, RED, RED],
      [RED, BLUE, '#00aa00'],
    ]) {
      const [place, tack, cover] = colours as [string, string, string]
      const { blocks } = readDesignSvg(svg(ring(place, 0.4, sun) + ring(tack, 0.4, sun) + ring(cover, 3, sun)))
      expect(rolesOf(blocks)).toEqual(['Patch 1 placement', 'Patch 1 tack', 'Patch 1 cover'])
    }
  })

  it('the cover may be a band of its own shape, and half a millimetre off is still the line', () => {
    const band = `<path fill="${RED}" fill-rule="evenodd" d="M28.5 50a21.5 21.5 0 1 0 43 0a21.5 21.5 0 1 0 -43 0z
      M31.5 50a18.5 18.5 0 1 0 37 0a18.5 18.5 0 1 0 -37 0z"/>`
    const drawn = (off: number) =>
      readDesignSvg(svg(ring(RED, 0.4, sun) + ring(RED, 0.4, { ...sun, r: 20 + off }) + band)).blocks
    expect(rolesOf(drawn(0.4))).toEqual(['Patch 1 placement', 'Patch 1 tack', 'Patch 1 cover'])
    expect(rolesOf(drawn(0.8))).toEqual(['-', '-', '-'])
  })

  it('other lines of one thread stay one block, and are no patch', () => {
    const near = { x: 54, y: 50, r: 20 }
    const { blocks } = readDesignSvg(svg(ring(RED, 0.4, sun) + ring(RED, 0.4, near) + ring(RED, 3, { ...sun, r: 30 })))
    expect(rolesOf(blocks)).toEqual(['-'])
    // An outline with satin over it is only that: nothing was laid between.
    expect(rolesOf(readDesignSvg(svg(ring(RED, 0.4, sun) + ring(RED, 3, sun))).blocks)).toEqual(['-', '-'])
  })

  it('a stitch list of one thread is parted at the stops where it sews over its line', () => {
    const round = Array.from({ length: 25 }, (_, i) => (i * 2 * Math.PI) / 24)
    const at = (a: number, r: number): string => `${(r * Math.cos(a)).toFixed(2)},${(r * Math.sin(a)).toFixed(2)}`
    const line = round.map((a) => `${at(a, 20)},stitch,`)
    const satin = Array.from({ length: 241 }, (_, i) => `${at((i * 2 * Math.PI) / 240, i % 2 ? 21.5 : 18.5)},stitch,`)
    const rows = [`${at(0, 20)},jump,${RED}`, ...line, '0,0,stop,', ...line, '0,0,stop,', ...satin, '0,0,end,']
    const { blocks } = readStitchCsv(`x_mm,y_mm,command,colour\n${rows.join('\n')}`)
    expect(rolesOf(blocks)).toEqual(['Patch 1 placement', 'Patch 1 tack', 'Patch 1 cover'])
    expect(blocks.map(({ stitchCount }) => stitchCount)).toEqual([25, 25, 241])
  })
})

/** What has to be done to a patch, and what not yet, before a block of it is sewn. */
const before: Record<PatchRole, { done: string[]; not: string[] }> = {
  placement: { done: [], not: ['laid'] },
  tack: { done: ['placement', 'laid'], not: ['trimmed'] },
  cover: { done: ['tack', 'trimmed'], not: [] },
  detail: { done: [], not: [] },
}

/** A hand at the machine that does what the halts ask and nothing else; what it spoils by that. */
function spoiltBy(blocks: readonly OfPatch[]): string[] {
  const done = new Map<string, Set<string>>()
  const of = (patch: string) => done.get(patch) ?? done.set(patch, new Set()).get(patch)!
  const halts = clothHalts(blocks)
  return blocks.flatMap(({ patch = '', role = 'detail', cutBeforehand }, i) => {
    const has = of(patch)
    if (cutBeforehand) has.add('trimmed')
    const early = before[role].done.filter((one) => !has.has(one)).map((one) => `${patch} ${role} before ${one}`)
    const late = before[role].not
      .filter((one) => has.has(one) && !cutBeforehand)
      .map((one) => `${patch} ${one} too soon`)
    has.add(role)
    for (const one of halts[i]?.lay ?? []) of(one).add('laid')
    for (const one of halts[i]?.trim ?? []) of(one).add('trimmed')
    return [...early, ...late]
  })
}

/** Changes of thread and halts between, counted by walking. */
function stopsOf(blocks: readonly (OfPatch & { colour: string })[]): number {
  const halts = clothHalts(blocks)
  return blocks.filter((block, i) => i > 0 && (block.colour !== blocks[i - 1]!.colour || halts[i - 1])).length
}

const circle = fc.record({
  x: fc.integer({ min: 30, max: 170 }),
  y: fc.integer({ min: 30, max: 170 }),
  r: fc.integer({ min: 4, max: 28 }),
})
const colour = fc.constantFrom(RED, BLUE, '#00aa00')
const patch = fc.record({ circle, colours: fc.tuple(colour, colour, colour), cutBeforehand: fc.boolean() })
/** Patches drawn one after the other, or all lines of a kind together. */
const applique = fc
  .record({
    patches: fc.uniqueArray(patch, {
      minLength: 1,
      maxLength: 5,
      selector: ({ circle: { x, y, r } }) => `${x} ${y} ${r}`,
    }),
    together: fc.boolean(),
  })
  .map(({ patches, together }) => {
    const parts = patches.flatMap(({ circle, colours, cutBeforehand }, n) =>
      (['placement', 'tack', 'cover'] as PatchRole[]).map((role, i) => ({
        ...{ patch: `P${n}`, role, cutBeforehand, circle, step: i },
        colour: colours[i]!,
        stitches: Array.from({ length: 41 }, (_, k) => ({
          x: circle.x + circle.r * Math.cos((k * Math.PI) / 20),
          y: circle.y + circle.r * Math.sin((k * Math.PI) / 20),
        })),
      })),
    )
    return together ? [...parts].sort((a, b) => a.step - b.step) : parts
  })

describe('the order of a design with patches', () => {
  it('spoils none, drawn or with the fewest changes, and never needs more of them', () => {
    fc.assert(
      fc.property(applique, (blocks) => {
        const { order, changes, originalChanges } = planColourOrder(blocks)
        const planned = order.map((i) => blocks[i]!)
        expect([spoiltBy(blocks), spoiltBy(planned)]).toEqual([[], []])
        expect([stopsOf(blocks), stopsOf(planned)]).toEqual([originalChanges, changes])
        expect(changes).toBeLessThanOrEqual(originalChanges)
      }),
      { numRuns: MANY, seed: 16 },
    )
  })

  it('needs as few changes as any order of two patches and a line can', () => {
    const few = applique.filter((blocks) => blocks.length <= 6)
    fc.assert(
      fc.property(few, (blocks) => {
        const rank = (i: number): number => blocks[i]!.step
        const apart = (i: number, j: number): boolean => {
          const [a, b] = [blocks[i]!.circle, blocks[j]!.circle]
          const gap = Math.hypot(a.x - b.x, a.y - b.y)
          // Rings whose lines come nowhere near each other; those that do keep their order here.
          return gap > a.r + b.r + 9 || gap + Math.min(a.r, b.r) + 9 < Math.max(a.r, b.r)
        }
        fc.pre(blocks.length < 4 || apart(0, blocks.length - 1))
        let least = Infinity
        const walk = (order: number[]): void => {
          if (order.length === blocks.length) least = Math.min(least, stopsOf(order.map((i) => blocks[i]!)))
          else
            blocks.forEach((block, j) => {
              const waits = blocks.some(
                (one, i) => one.patch === block.patch && rank(i) < rank(j) && !order.includes(i),
              )
              if (!order.includes(j) && !waits) walk([...order, j])
            })
        }
        walk([])
        expect(planColourOrder(blocks).changes).toBe(least)
      }),
      { numRuns: MANY, seed: 17 },
    )
  })

  it('places and lays two patches of one thread together: two halts, not four', () => {
    const of = (name: string, x: number) =>
      (['placement', 'tack', 'cover'] as PatchRole[]).map((role) => ({
        ...{ patch: name, role, colour: RED },
        stitches: [
          { x, y: 0 },
          { x: x + 1, y: 1 },
        ],
      }))
    const plan = planColourOrder([...of('A', 0), ...of('B', 40)])
    expect(plan).toMatchObject({ originalChanges: 4, changes: 2, optimal: true, order: [0, 3, 1, 4, 2, 5] })
  })
})
