import { CoreError } from '../../../errors'
import { type Box, boxCorners } from '../../../plane/box'
import { type Named, message } from '../../../messages/message'
import { at } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, type Measures } from '../../measures'
import { bagSizes as sizes } from './bagSizes'
import { centredRule } from './panelRules'
import { panelLines } from './panelShape'

type Panel = Measures<'width' | 'length' | 'seam' | 'base' | 'casing'>
const box = (m: Panel): Box => ({ left: -m.width / 2, right: m.width / 2, top: 0, bottom: m.length })

/** What shows of a cut panel once the bag is sewn: without seams, half the boxed base on each side, and the casing. */
function finishedFace(m: Panel): Box {
  const half = m.width / 2 - m.seam - m.base / 2
  const face = { left: -half, right: half, top: m.casing, bottom: m.length - m.seam - m.base / 2 }
  if (half <= 0) throw new CoreError('contradiction', message('item.seams-and-base-leave-nothing'), 'measures.base')
  if (face.bottom <= face.top)
    throw new CoreError('contradiction', message('item.casing-and-base-leave-nothing'), 'measures.casing')
  return face
}

/** Sewn after: the cut panel lies flat, its face worked out from seam, boxed base and casing (craft.md section 2). */
export const drawstringBag: ItemKind = {
  id: 'drawstring-bag',
  name: message('item.drawstring-bag-cut-panel'),
  group: 'bags',
  reference: message('item.middle-of-the-cut-top'),
  measurements: [
    ask(sizes, 'width', message('item.cut-width'), message('item.of-one-panel-raw-edge'), [220, 320, 420]),
    ask(sizes, 'length', message('item.cut-height'), message('item.of-one-panel-raw-top'), [280, 420, 520]),
    ask(sizes, 'seam', message('item.seam-allowance'), message('item.at-the-sides-and-the'), [10, 10, 12], {
      plausible: [0, 30],
      mayBeZero: true,
    }),
    ask(
      sizes,
      'base',
      message('item.depth-of-the-boxed-base'),
      message('item.front-to-back-once-boxed'),
      [0, 80, 100],
      {
        plausible: [0, 240],
        mayBeZero: true,
      },
    ),
    ask(sizes, 'casing', message('item.casing-and-top-hem'), message('item.from-the-raw-top-edge'), [50, 65, 70], {
      plausible: [20, 140],
    }),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'quilting-cotton',
  shape: (m: Panel) => {
    const b = box(m)
    const face = finishedFace(m)
    const strip = (id: string, name: Named, part: Partial<Box>) =>
      ({ id, name, outline: boxCorners({ ...b, ...part }), clear: 10, ring: 'free' }) as const
    const turned = m.base > 0 ? 'turn' : 'seam'
    return {
      outline: boxCorners(b),
      details: [{ kind: 'fold', points: boxCorners(face), closed: true }],
      zones: [
        strip('casing', 'zone.casing', { bottom: face.top }),
        strip('base', m.base > 0 ? 'zone.base' : 'zone.bottom-seam', { top: face.bottom }),
        strip('left', `zone.left-${turned}`, { right: face.left }),
        strip('right', `zone.right-${turned}`, { left: face.right }),
      ],
      tapes: [
        { id: 'width', from: at(b.left, m.length * 0.92), to: at(b.right, m.length * 0.92) },
        { id: 'length', from: at(b.left + m.width * 0.08, 0), to: at(b.left + m.width * 0.08, m.length) },
        { id: 'seam', from: at(b.left, m.length * 0.3), to: at(b.left + m.seam, m.length * 0.3) },
        { id: 'base', from: at(-m.base / 2, m.length * 0.97), to: at(m.base / 2, m.length * 0.97) },
        { id: 'casing', from: at(b.right * 0.7, 0), to: at(b.right * 0.7, m.casing) },
      ],
      lines: [
        ...panelLines(face, {
          top: 'line.casing',
          bottom: 'line.base',
          left: 'line.face-left',
          right: 'line.face-right',
        }),
        { id: 'cut-top', name: 'line.cut-top', axis: 'level', at: 0 },
        { id: 'cut-bottom', name: 'line.cut-bottom', axis: 'level', at: m.length },
      ],
      tube: null,
    }
  },
  placements: [
    centredRule<'width' | 'length' | 'seam' | 'base' | 'casing'>(
      {
        id: 'low-centre',
        name: message('item.middle-of-the-finished-face'),
        upIs: 'top.casing',
        usual: { width: 100, height: 100 },
      },
      (m) => m.width,
      ({ measures: m }) => {
        const face = finishedFace(m)
        return {
          id: 'downCut',
          line: 'cut-top',
          edge: 'centre',
          mm: (face.top + face.bottom) / 2,
          toward: 1,
          plausible: [face.top, face.bottom],
        }
      },
      ({ measures: m }) => {
        const face = finishedFace(m)
        const [wide, high] = [face.right - face.left, face.bottom - face.top]
        return {
          first: [{ id: 'face', said: message('step.face', { wide, high }) }],
        }
      },
    ),
  ],
}
