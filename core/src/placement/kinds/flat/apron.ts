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
  name: 'Apron',
  group: 'bags',
  reference: 'middle of the bib’s top edge',
  measurements: [
    ask(sizes, 'bibWidth', 'Bib, top edge', 'Across the top of the bib, edge to edge.', [160, 240, 260]),
    ask(sizes, 'bibHeight', 'Bib, top edge to waist', 'Down the middle to the level of the ties.', [180, 270, 290]),
    ask(sizes, 'width', 'Width at the waist', 'Tie to tie, laid flat.', [400, 620, 720]),
    ask(sizes, 'length', 'Top edge to hem', 'All the way down the middle.', [480, 800, 860]),
    ...halves('width', 'Waist'),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'twill',
  shape: (m: Apron) => {
    const [bib, waist, half] = [m.bibWidth / 2, m.bibHeight, m.width / 2]
    if (waist >= m.length)
      throw new CoreError(
        'contradiction',
        'The waist comes out below the hem: measure both again.',
        'measures.bibHeight',
      )
    if (bib > half)
      throw new CoreError(
        'contradiction',
        'The bib comes out wider than the waist: measure both again.',
        'measures.bibWidth',
      )
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
      { id: 'bib', name: 'Bib', upIs: 'top.bib-edge', usual: { width: 120, height: 90 } },
      (m) => m.bibWidth,
      optical((m) => m.bibHeight),
    ),
    centredRule<'bibHeight' | 'width' | 'length'>(
      { id: 'skirt', name: 'Below the waist', upIs: 'top.bib', usual: { width: 160, height: 120 } },
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
