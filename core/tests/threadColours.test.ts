import { inWords } from './inWords'
import { writeMessage } from '@thimble/language'
import fc from 'fast-check'
import { fromThePrint, nearestThreads, onGround, toneOnTone } from '../src/colour'
import { colourDistance } from '../src/colour/threadColours'

const colour = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)

/** Lightness L* of CIELAB from its definition, for a check that does not ask the library. */
function lightness(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  })
  const y = 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
  return y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (24389 / 27) * y
}

describe('how unlike two colours look', () => {
  it('is CIEDE2000', () => {
    // Black and white are 100 apart by definition; a grey to the next by its lightness, weighted.
    expect(colourDistance('#000000', '#ffffff')).toBeCloseTo(100, 0)
    expect(colourDistance('#777777', '#777777')).toBe(0)
    // For greys CIEDE2000 is the step in L* over S_L = 1 + 0.015 (L - 50)^2 / sqrt(20 + (L - 50)^2).
    const [a, b] = ['#606060', '#707070'].map(lightness)
    const middle = (a! + b!) / 2 - 50
    const weight = 1 + (0.015 * middle ** 2) / Math.sqrt(20 + middle ** 2)
    expect(colourDistance('#606060', '#707070')).toBeCloseTo((b! - a!) / weight, 1)
  })

  it('is the same either way round', () => {
    fc.assert(fc.property(colour, colour, (a, b) => Math.abs(colourDistance(a, b) - colourDistance(b, a)) < 1e-9))
  })

  it.each(['red', '#fff', '#gggggg', ''])('refuses “%s”', (text) => {
    expect(inWords(() => colourDistance(text, '#ffffff'))).toThrow(/is not a colour/)
  })
})

describe('the nearest threads', () => {
  const shelf = [
    { name: 'Madder', colour: '#a63a2b' },
    { name: 'Brick', colour: '#b04a3a' },
    { name: 'Ink', colour: '#1f2d38' },
    { name: 'Moss', colour: '#3e6b4c' },
  ]

  it('come best first, no more than asked', () => {
    expect(
      nearestThreads('#a83c2d', shelf)
        .map((m) => m.thread.name)
        .slice(0, 2),
    ).toEqual(['Madder', 'Brick'])
    expect(nearestThreads('#a83c2d', shelf, 1)).toHaveLength(1)
    expect(nearestThreads('#a83c2d', [])).toEqual([])
  })

  it('are said to be the same, close, or another colour', () => {
    const words = (colour: string) => writeMessage(nearestThreads(colour, shelf)[0]!.words)
    expect(words('#a63a2b')).toBe('the same to the eye')
    expect(words('#a03424')).toMatch(/almost|similar/)
    expect(words('#ffff00')).toBe('another colour')
  })
})

describe('a thread on its ground', () => {
  it('sinks near the cloth’s own colour and shows stark far from it', () => {
    expect(onGround('#27406b', '#2a4470').kind).toBe('sinks')
    expect(onGround('#ffffff', '#1f2d38')).toMatchObject({
      kind: 'stark',
      said: ['colour.the-cloth-shows-between-the', { way: ['colour.light-on-dark'] }],
    })
    expect(writeMessage(onGround('#1f2d38', '#ffffff').said)).toMatch(/^Dark on light/)
  })

  it('speaks of the permanent film from a Delta E of 50 on, as the craft has it', () => {
    fc.assert(
      fc.property(colour, colour, (thread, cloth) => {
        const { distance, said } = onGround(thread, cloth)
        expect(/permanent film/.test(writeMessage(said))).toBe(distance > 50)
      }),
    )
  })
})

describe('other colours for a design', () => {
  const design = ['#ffffff', '#1f2d38', '#8fb3d1', '#1f2d38']

  it('tone on tone: lighter than a dark cloth, darker than a light one, lights and shades kept', () => {
    const rank = (colours: string[]): number[] =>
      colours.map((c) => [...new Set(colours)].sort((a, b) => lightness(a) - lightness(b)).indexOf(c))
    for (const cloth of ['#27406b', '#5a1f1f', '#e8e0cc', '#b9c7d2']) {
      const toned = toneOnTone(design, cloth)
      const dark = lightness(cloth) < 55
      expect(toned).toHaveLength(4)
      expect(rank(toned)).toEqual(rank(design))
      for (const c of toned) expect(lightness(c) > lightness(cloth)).toBe(dark)
    }
  })

  it('keeps the cloth’s hue', () => {
    // On navy every tone has more blue than red in it.
    for (const c of toneOnTone(design, '#27406b'))
      expect(parseInt(c.slice(5), 16)).toBeGreaterThan(parseInt(c.slice(1, 3), 16))
  })

  it('from the print: its own colours, darkest to darkest, without those that sink in its ground', () => {
    const taken = fromThePrint(design, ['#27406b', '#2b4570', '#d9a52e', '#a63a2b', '#f6f1e7'])
    expect(taken).toEqual(['#f6f1e7', '#a63a2b', '#d9a52e', '#a63a2b'])
    expect(inWords(() => fromThePrint(design, ['#27406b', '#2b4570']))).toThrow(/stands out from it/)
  })
})
