import { CoreError } from '../../../errors'
import { boxCorners, type Box } from '../../../plane/box'
import { type Named, message } from '../../../messages/message'
import { at } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, type Measures } from '../../measures'
import type { PlacementContext, StepDraft } from '../../placementRule'
import { centredRule, rowRule } from './panelRules'
import { panelLines } from './panelShape'

const sizes = [
  { id: 'small', name: message('item.small') },
  { id: 'usual', name: message('item.usual') },
  { id: 'large', name: message('item.large') },
]

type Band = Measures<'width' | 'depth' | 'fold' | 'seam'>

/**
 * The cut size of a band or panel sewn on afterwards: finished depth, plus what is folded back, plus one seam; with no fold
 * two seams; lengthwise a seam at each end (craft.md section 2).
 *
 * @example 400 long and 60 deep finished, 10 seam, 60 folded back: cut 420 by 130 (60 + 60 + one seam)
 */
function cutSize(m: Band): { width: number; height: number } {
  return { width: m.width + 2 * m.seam, height: m.depth + m.fold + (m.fold > 0 ? 1 : 2) * m.seam }
}

/** What stays visible of the cut piece: y = 0 at the cut top edge, x = 0 on its middle. */
const visible = (m: Band): Box => ({
  left: -m.width / 2,
  right: m.width / 2,
  top: m.seam,
  bottom: m.seam + m.depth,
})

export const sewnOnBand: ItemKind = {
  id: 'sewn-on-band',
  name: message('item.band-or-panel-sewn-on'),
  group: 'bed',
  reference: message('item.middle-of-the-cut-top'),
  measurements: [
    ask(sizes, 'width', message('item.finished-length'), message('item.what-will-show-from-end'), [250, 450, 900]),
    ask(sizes, 'depth', message('item.finished-depth'), message('item.what-will-show-from-top'), [50, 80, 120]),
    ask(sizes, 'fold', message('item.folded-to-the-back'), message('item.how-much-folds-over-the'), [0, 0, 120], {
      plausible: [0, 300],
      mayBeZero: true,
    }),
    ask(sizes, 'seam', message('item.seam-allowance'), message('item.on-every-edge-but-the'), [10, 10, 12], {
      plausible: [0, 30],
      mayBeZero: true,
    }),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'quilting-cotton',
  shape: (m: Band) => {
    const cut = cutSize(m)
    const box = { left: -cut.width / 2, right: cut.width / 2, top: 0, bottom: cut.height }
    const face = visible(m)
    if (m.fold > 4 * m.depth)
      throw new CoreError('contradiction', message('item.the-folded-part-is-over'), 'measures.fold')
    const strip = (id: string, name: Named, part: Partial<Box>) => ({
      id,
      name,
      outline: boxCorners({ ...box, ...part }),
      clear: 5,
      ring: 'free' as const,
    })
    const zones = [
      strip('top', 'zone.top-seam', { bottom: face.top }),
      strip('bottom', m.fold > 0 ? 'zone.folded-back' : 'zone.lower-seam', { top: face.bottom }),
      strip('left', 'zone.left-seam', { right: face.left }),
      strip('right', 'zone.right-seam', { left: face.right }),
    ]
    return {
      outline: boxCorners(box),
      details: [{ kind: 'fold', points: boxCorners(face), closed: true }],
      zones: m.seam > 0 ? zones : zones.filter((z) => z.id === 'bottom' && m.fold > 0),
      tapes: [
        { id: 'width', from: at(face.left, face.top + 6), to: at(face.right, face.top + 6) },
        { id: 'depth', from: at(face.left + 14, face.top), to: at(face.left + 14, face.bottom) },
        { id: 'fold', from: at(face.left + 30, face.bottom), to: at(face.left + 30, face.bottom + m.fold) },
        { id: 'seam', from: at(box.left, face.bottom - 8), to: at(face.left, face.bottom - 8) },
      ],
      lines: [
        { id: 'cut', name: 'line.cut-top', axis: 'level', at: 0 },
        ...panelLines(face, {
          top: 'line.upper-seam-line',
          bottom: m.fold > 0 ? 'line.fold' : 'line.lower-seam-line',
          left: 'line.left-seam-line',
          right: 'line.right-seam-line',
        }),
      ],
      tube: null,
    }
  },
  placements: [
    centredRule<'width' | 'depth' | 'fold' | 'seam'>(
      {
        id: 'visible-centre',
        name: message('item.middle-of-what-shows'),
        upIs: 'top.upper-seam',
        usual: { width: 120, height: 40 },
      },
      (m) => m.width,
      ({ measures: m }) => ({
        id: 'downCut',
        line: 'cut',
        edge: 'centre',
        mm: m.seam + m.depth / 2,
        toward: 1,
        plausible: [5, m.seam + m.depth],
      }),
      (c) => ({ first: [cutStep(c)] }),
    ),
    rowRule<'width' | 'depth' | 'fold' | 'seam'>(
      {
        id: 'band-row',
        name: message('item.row-along-the-band'),
        upIs: 'top.upper-seam',
        usual: { width: 60, height: 30 },
      },
      {
        side: 'lower',
        edgeName: 'line.lower-seam-line',
        mm: ({ measures: m, design }) => Math.max(4, (m.depth - design.height) / 2),
        plausible: [4, 120],
        box: visible,
        first: (c) => [cutStep(c)],
      },
    ),
  ],
}

function cutStep({ measures }: PlacementContext<'width' | 'depth' | 'fold' | 'seam'>): StepDraft {
  const { width, height } = cutSize(measures)
  return { id: 'cut', said: message('step.cut', { wide: width, high: height }) }
}
