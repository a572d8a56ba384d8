import { type Advice, caution } from '../../advice'
import { boxCorners } from '../../plane/box'
import { at } from '../curve'
import type { ItemKind, ItemShape, Measures, PlacementContext, PlacementTarget } from '../itemKind'
import { hemZones } from './hemZones'

const HEM = 12

function shape(m: Measures): ItemShape {
  const half = m.width! / 2
  const box = { left: -half, right: half, top: -m.length!, bottom: 0 }
  const third = m.width! / 6
  return {
    outline: boxCorners(box),
    details: [
      { kind: 'seam', points: [at(-half, -HEM), at(half, -HEM)] },
      { kind: 'seam', points: [at(-half, -m.length! + HEM), at(half, -m.length! + HEM)] },
      { kind: 'fold', points: [at(-third, -m.length!), at(-third, 0)] },
      { kind: 'fold', points: [at(third, -m.length!), at(third, 0)] },
    ],
    zones: hemZones(box, HEM),
    tapes: [
      { id: 'width', from: at(-half, -m.length! / 2), to: at(half, -m.length! / 2) },
      { id: 'length', from: at(-half + 26, -m.length!), to: at(-half + 26, 0) },
    ],
    tube: null,
  }
}

/** Folded in thirds, the design low in the middle panel, its foot 50-65 mm above the hem (craft.md section 2). */
function lowCentre({ measures: m, design, distances, write }: PlacementContext): PlacementTarget {
  const up = distances.up ?? 58
  const rise = up + design.height / 2
  const panel = m.width! / 3
  const centre = at(0, -rise)
  const warnings: Advice[] = []
  if (design.width > panel) {
    const text = `The design is ${write(design.width)} wide and the folded middle panel ${write(panel)}: it will run over the folds.`
    warnings.push(caution('wider-than-fold', text))
  }
  return {
    centre,
    distances: [{ id: 'up', name: 'Foot of the design above the hem', mm: up, assumed: 58, plausible: [20, 200] }],
    tapes: [{ id: 'up', from: at(design.width / 2 + 30, 0), to: at(design.width / 2 + 30, -up) }],
    steps: [
      { id: 'thirds', text: `Fold in thirds lengthwise; the middle panel is ${write(panel)} wide.`, lengths: [panel] },
      {
        id: 'centre-line',
        text: `Crease the centre line, ${write(m.width! / 2)} from either edge.`,
        lengths: [m.width! / 2],
      },
      {
        id: 'foot',
        text: `On the crease go ${write(up)} up from the hem’s edge: the foot of the design.`,
        lengths: [up],
      },
      {
        id: 'cross',
        text: `Go on to ${write(rise)} from the hem’s edge: chalk the cross.`,
        lengths: [rise],
        marks: ['cross'],
      },
    ],
    summary: `Cross ${write(rise)} above the hem, on the centre line`,
    warnings,
  }
}

export const teaTowel: ItemKind = {
  id: 'tea-towel',
  name: 'Tea towel',
  reference: 'centre line at the lower hem’s edge',
  measurements: [
    {
      id: 'width',
      name: 'Width, edge to edge',
      howTo: 'Across the middle, pressed flat, after its first wash.',
      plausible: [300, 700],
      presets: { small: 430, usual: 480, large: 500 },
    },
    {
      id: 'length',
      name: 'Length, hem to hem',
      howTo: 'Along the middle, from one hem’s edge to the other.',
      plausible: [450, 1000],
      presets: { small: 600, usual: 700, large: 760 },
    },
  ],
  sizes: [
    { id: 'small', name: 'Small' },
    { id: 'usual', name: 'Usual' },
    { id: 'large', name: 'Large' },
  ],
  usualSize: 'usual',
  usualCloth: 'waffle',
  shape,
  placements: [
    {
      id: 'low-centre',
      name: 'Low centre',
      anchor: 'bottom',
      upIs: 'the upper hem',
      needs: ['width', 'length'],
      target: lowCentre,
    },
  ],
}
