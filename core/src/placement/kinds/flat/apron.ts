import { message } from '../../../messages/message'
import { CoreError } from '../../../errors'
import { boxCorners } from '../../../plane/box'
import { at, curve, fromRightHalf } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, halves, type Measures } from '../../measures'
import { bagSizes as sizes, optical } from './bagSizes'
import { centredRule } from './panelRules'

type Apron = Measures<'bibWidth' | 'bibHeight' | 'width' | 'length'>

export const apron: ItemKind = {
  id: 'apron',
  name: message('item.apron'),
  group: 'bags',
  reference: message('item.middle-of-the-bibs-top'),
  measurements: [
    ask(sizes, 'bibWidth', message('item.bib-top-edge'), message('item.across-the-top-of-the'), [160, 240, 260]),
    ask(
      sizes,
      'bibHeight',
      message('item.bib-top-edge-to-waist'),
      message('item.down-the-middle-to-the'),
      [180, 270, 290],
    ),
    ask(sizes, 'width', message('item.width-at-the-waist'), message('item.tie-to-tie-laid-flat'), [400, 620, 720]),
    ask(sizes, 'length', message('item.top-edge-to-hem'), message('item.all-the-way-down-the'), [480, 800, 860]),
    ...halves('width', message('item.waist')),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'twill',
  shape: (m: Apron) => {
    const [bib, waist, half] = [m.bibWidth / 2, m.bibHeight, m.width / 2]
    if (waist >= m.length)
      throw new CoreError('contradiction', message('item.the-waist-comes-out-below'), 'measures.bibHeight')
    if (bib > half) throw new CoreError('contradiction', message('item.the-bib-comes-out-wider'), 'measures.bibWidth')
    const hem = 12
    const outline = fromRightHalf([
      at(0, 0),
      at(bib, 0),
      ...curve(at(bib, 0), at(bib + (half - bib) * 0.15, waist * 0.75), at(half, waist), 8).slice(1),
      at(half, m.length),
    ])
    return {
      outline,
      details: [{ kind: 'fold', points: [at(-bib, 20), at(bib, 20)] }],
      zones: [
        {
          id: 'top-hem',
          name: 'zone.bib-hem',
          outline: boxCorners({ left: -bib, right: bib, top: 0, bottom: 20 }),
          clear: 8,
          ring: 'caution',
        },
        {
          id: 'hem',
          name: 'zone.hem',
          outline: boxCorners({ left: -half, right: half, top: m.length - hem, bottom: m.length }),
          clear: 5,
          ring: 'free',
        },
      ],
      tapes: [
        { id: 'bibWidth', from: at(-bib, 8), to: at(bib, 8) },
        { id: 'bibHeight', from: at(-bib * 0.8, 0), to: at(-bib * 0.8, waist) },
        { id: 'width', from: at(-half, waist + 10), to: at(half, waist + 10) },
        { id: 'length', from: at(-bib * 0.6, 0), to: at(-bib * 0.6, m.length) },
      ],
      lines: [
        { id: 'top', name: 'line.bib-top', axis: 'level', at: 0 },
        { id: 'waist', name: 'line.waist', axis: 'level', at: waist },
        { id: 'hem', name: 'line.hem', axis: 'level', at: m.length },
        { id: 'centre', name: 'line.centre', axis: 'upright', at: 0 },
      ],
      tube: null,
    }
  },
  levels: (m: Apron) => [{ id: 'width', name: 'level.waist', y: m.bibHeight, width: m.width, part: 'body' }],
  placements: [
    centredRule<'bibWidth' | 'bibHeight'>(
      { id: 'bib', name: message('item.bib'), upIs: 'top.bib-edge', usual: { width: 120, height: 90 } },
      (m) => m.bibWidth,
      optical((m) => m.bibHeight),
    ),
    centredRule<'bibHeight' | 'width' | 'length'>(
      { id: 'skirt', name: message('item.below-the-waist'), upIs: 'top.bib', usual: { width: 160, height: 120 } },
      (m) => m.width,
      ({ measures: m, design }) => ({
        id: 'downWaist',
        line: 'waist',
        edge: 'start',
        mm: Math.max(30, Math.min(120, (m.length - m.bibHeight - design.height) * 0.4)),
        toward: 1,
        plausible: [10, 500],
      }),
    ),
  ],
}
