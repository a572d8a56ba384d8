import { labelPlaces } from '@/drawing/labelPlaces'
import { dark, light } from '@/theme/palette'
import { likeBlank } from '@/forms/likeBlank'

const view = { k: 1, left: 0, top: 0, width: 300, height: 200 }
const tape = (x1: number, y1: number, x2: number, y2: number, text = '190 mm') => ({
  ...{ id: text, text, from: { x: x1, y: y1 }, to: { x: x2, y: y2 } },
})
type Place = ReturnType<typeof labelPlaces>[number]
const hides = ({ x, y, width }: Place, at: { x: number; y: number }): boolean =>
  Math.abs(at.x - x) < width / 2 + 5 && Math.abs(at.y - y) < 9 + 5

describe('the labels of tapes', () => {
  it('stand beside the middle of their tape', () => {
    const [upright, level] = labelPlaces(view, [tape(100, 20, 100, 120), tape(20, 180, 90, 180, '70 mm')], [])
    expect([upright!.x > 100, upright!.y]).toEqual([true, 70])
    expect([level!.x, level!.y > 180]).toEqual([55, true])
  })

  it('go elsewhere along it rather than over a mark, another label or the edge', () => {
    const marks = [
      { x: 130, y: 70 },
      { x: 130, y: 55 },
      { x: 70, y: 70 },
    ]
    const tapes = [tape(100, 20, 100, 120), tape(104, 20, 104, 120, '200 mm'), tape(290, 20, 290, 120, '12 mm')]
    const places = labelPlaces(view, tapes, marks)
    for (const place of places) {
      for (const mark of marks) expect(hides(place, mark)).toBe(false)
      expect(place.x + place.width / 2).toBeLessThanOrEqual(300)
    }
    const [a, b] = places
    expect(Math.abs(a!.x - b!.x) >= (a!.width + b!.width) / 2 || Math.abs(a!.y - b!.y) >= 18).toBe(true)
  })
})

/** WCAG 2.2: the lighter's luminance over the darker's, each with 0.05 more. */
function contrast(a: string, b: string): number {
  const luminance = (hex: string): number => {
    const [r, g, blue] = [1, 3, 5].map((i) => {
      const c = parseInt(hex.slice(i, i + 2), 16) / 255
      return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
    })
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * blue!
  }
  const [low, high] = [luminance(a), luminance(b)].sort((m, n) => m - n)
  return (high! + 0.05) / (low! + 0.05)
}

describe('the palette', () => {
  it.each([
    ['light', light],
    ['dark', dark],
  ])('has borders of controls at 3 to 1 and text at 4.5 on its grounds, %s', (_, p) => {
    for (const ground of [p.calico, p.paper]) {
      expect(contrast(p.edge, ground)).toBeGreaterThanOrEqual(3)
      for (const ink of [p.ink, p.inkSoft, p.indigo, p.madder, p.moss])
        expect(contrast(ink, ground)).toBeGreaterThanOrEqual(4.5)
    }
  })
})

describe('what a device kept of a form', () => {
  const blank = { name: '', parts: [] as string[], moves: [{ right: '', down: '' }] }
  it('is of its make with texts where it has texts and lists where it has lists', () => {
    expect(likeBlank({ parts: [{ edge: '1', depth: '12' }] }, blank)).toBe(true)
    expect(likeBlank({ name: 'Badge', parts: ['a', 'b'], moves: [{ right: '5' }, { down: '6' }] }, blank)).toBe(true)
  })
  it.each([
    null,
    7,
    'text',
    [],
    { name: 5 },
    { parts: 'a' },
    { parts: [{ edge: 1 }] },
    { moves: [7] },
    { moves: {} },
    { other: '' },
  ])('%j is not', (kept) => expect(likeBlank(kept, blank)).toBe(false))
})
