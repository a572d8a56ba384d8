import type { LayerKind } from '@thimble/core/recipe'
import { boxOf, rectangle } from '@thimble/core/plane'
import { clothInk } from '@/drawing/clothInk'
import { fitAll, fitWidth, toPath, toX, toY } from '@/drawing/scale'
import { landingText } from '@/words/landingWords'
import { threadFor } from '@/words/threadWords'
import { layerDetail, layersText, needleText, stackTitle } from '@/words/stackWords'

const box = (left: number, top: number, right: number, bottom: number) => ({ left, top, right, bottom })

describe('the scale of a drawing', () => {
  it('fits the whole in the middle, one scale both ways', () => {
    const view = fitAll(box(-50, 0, 50, 300), 400, 324, 12)
    expect(view.k).toBe(1)
    expect([toX(view, 0), toY(view, 0), toY(view, 300)]).toEqual([200, 12, 312])
  })

  it('fills the width and keeps the design in sight, from the top or from the foot', () => {
    const garment = box(-300, -80, 300, 700)
    const chest = fitWidth(garment, box(0, 40, 140, 200), 628, 320, 14)!
    expect(chest.k).toBe(1)
    expect([toY(chest, 40) >= 0, toY(chest, 200) <= 320]).toEqual([true, true])
    const towel = fitWidth(box(-240, -700, 240, 0), box(-60, -110, 60, 0), 508, 270, 14)!
    expect([toY(towel, -110) >= 0, toY(towel, 0) <= 270]).toEqual([true, true])
  })

  it('gives up when the design and its tapes need more height than there is', () => {
    expect(fitWidth(box(-100, 0, 100, 900), box(-10, 0, 10, 900), 400, 300, 10)).toBeNull()
  })

  it('writes an outline as a closed path in pixels', () => {
    const view = fitAll(boxOf(rectangle(10, 10)), 34, 34, 12)
    expect(toPath(view, rectangle(10, 10))).toBe('M12.0 12.0L22.0 12.0L22.0 22.0L12.0 22.0Z')
  })

  it('chalks white on dark cloth and blue on pale', () => {
    expect([clothInk('#27406b').chalk, clothInk('#fdfbf5').chalk]).toEqual(['#FFFFFF', '#2C4A7A'])
  })
})

describe('a colour', () => {
  const thread = (name: string, colour: string) => ({ name, colour }) as Parameters<typeof threadFor>[1][number]
  it('goes by its name in the stash, and by its code beside the nearest where the stash has none like it', () => {
    const stash = [thread('Madder 40', '#a63a2b'), thread('Indigo 40', '#2c4a7a')]
    expect(threadFor('#a53b2c', stash)).toBe('Madder 40')
    expect(threadFor('#3e6b4c', stash)).toMatch(/^#3e6b4c; nearest is /)
    expect(threadFor('#3e6b4c', [])).toBe('#3e6b4c')
  })
})

describe('the words', () => {
  it.each([
    [-1, 2, 'Landed 2 mm low, 1 mm left'],
    [3, -1, 'Landed 1 mm high, 3 mm right'],
    [0, 0, 'Landed on the mark'],
    [null, 4, 'Landed 4 mm low'],
    [null, null, ''],
  ])('tell a landing of %p, %p: %j', (dx, dy, text) => {
    expect(landingText({ dx, dy }, { unit: 'mm' })).toBe(text)
  })

  const layer = (kind: LayerKind) => ({
    ...{ role: 'backing' as const, kind, sheets: 1, grip: 'in-ring' as const, crossed: false },
    ...{ piece: { widthMm: 174, heightMm: 190 }, own: false },
  })

  it('name a stack by what holds it', () => {
    const sticky = { holding: 'floated' as const, layers: [layer('cut-away-mesh'), layer('tear-away-sticky')] }
    expect(stackTitle(sticky)).toBe('Float it on sticky tear-away')
    expect(stackTitle({ holding: 'hooped', layers: [layer('cut-away-mesh')] })).toBe('Hoop it with cut-away mesh')
    expect(stackTitle({ holding: 'hooped', layers: [] })).toBe('Hooped, no backing')
    expect([needleText({ size: '90/14', point: 'large-eye', coated: true }), needleText(null)]).toEqual([
      '90/14 large eye, coated',
      'not noted',
    ])
    expect([layersText(['cut-away-mesh-fusible', 'cut-away-mesh']), layersText([]), layersText(null)]).toEqual([
      'Fusible cut-away mesh + Cut-away mesh',
      'No backing',
      '',
    ])
  })

  it('say of a layer how many, how it grips, and what to cut', () => {
    const crossed = { ...layer('tear-away-medium'), sheets: 2, crossed: true }
    expect(layerDetail(crossed, (mm) => `${mm} mm`)).toBe('2 sheets, crossed, in the hoop, cut 174 mm × 190 mm')
    expect(layerDetail({ ...layer('tear-away-medium'), own: true }, (mm) => `${mm}`)).toBe(
      'in the hoop, cut 174 × 190, your own choice',
    )
  })
})
