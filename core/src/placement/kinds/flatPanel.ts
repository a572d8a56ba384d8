import { CoreError } from '../../errors'
import { boxCorners } from '../../plane/box'
import { at } from '../curve'
import type { ItemKind, ItemShape, Measures, PlacementContext, PlacementTarget } from '../itemKind'
import { hemZones } from './hemZones'

function shape(m: Measures): ItemShape {
  const half = m.width! / 2
  const strip = m.strip!
  if (2 * strip >= Math.min(m.width!, m.height!)) {
    throw new CoreError('contradiction', 'The strips kept free leave nothing of the panel.', 'measures.strip')
  }
  const box = { left: -half, right: half, top: 0, bottom: m.height! }
  const inner = boxCorners({ left: -half + strip, right: half - strip, top: strip, bottom: m.height! - strip })
  return {
    outline: boxCorners(box),
    details: strip > 0 ? [{ kind: 'fold', points: inner, closed: true }] : [],
    zones: hemZones(box, strip, 'strip kept free'),
    tapes: [
      { id: 'width', from: at(-half, m.height! * 0.9), to: at(half, m.height! * 0.9) },
      { id: 'height', from: at(-half * 0.88, 0), to: at(-half * 0.88, m.height!) },
      { id: 'strip', from: at(half - strip, m.height! * 0.12), to: at(half, m.height! * 0.12) },
    ],
    tube: null,
  }
}

function target({ measures: m, design, distances, write }: PlacementContext, own: boolean): PlacementTarget {
  const assumed = { fromLeft: m.width! / 2, fromTop: m.height! / 2 }
  const fromLeft = (own ? distances.fromLeft : undefined) ?? assumed.fromLeft
  const fromTop = (own ? distances.fromTop : undefined) ?? assumed.fromTop
  const centre = at(fromLeft - m.width! / 2, fromTop)
  // The tapes lie beside the design, so that they do not hide the marks.
  const [below, beside] = [fromTop + design.height / 2 + 24, centre.x + design.width / 2 + 24]
  return {
    centre,
    distances: own
      ? [
          {
            id: 'fromLeft',
            name: 'Centre from your left edge',
            mm: fromLeft,
            assumed: assumed.fromLeft,
            plausible: [0, m.width!],
          },
          {
            id: 'fromTop',
            name: 'Centre from the top edge',
            mm: fromTop,
            assumed: assumed.fromTop,
            plausible: [0, m.height!],
          },
        ]
      : [],
    tapes: [
      { id: 'fromLeft', from: at(-m.width! / 2, below), to: at(centre.x, below) },
      { id: 'fromTop', from: at(beside, 0), to: at(beside, fromTop) },
    ],
    steps: [
      {
        id: 'across',
        text: `From your left edge go ${write(fromLeft)} in and draw a line straight up and down.`,
        lengths: [fromLeft],
      },
      {
        id: 'depth',
        text: `From the top edge go ${write(fromTop)} down on that line: chalk the cross.`,
        lengths: [fromTop],
        marks: ['cross'],
      },
    ],
    summary: `Cross ${write(fromTop)} from the top edge, ${write(fromLeft)} from your left`,
    warnings: [],
  }
}

const needs = ['width', 'height', 'strip']

export const flatPanel: ItemKind = {
  id: 'flat-panel',
  name: 'Flat panel',
  reference: 'middle of the top edge',
  measurements: [
    {
      id: 'width',
      name: 'Width',
      howTo: 'Edge to edge across the middle, laid flat.',
      plausible: [60, 2500],
      presets: { small: 200, medium: 400, large: 800 },
    },
    {
      id: 'height',
      name: 'Height',
      howTo: 'Top edge to bottom edge along the middle.',
      plausible: [60, 2500],
      presets: { small: 200, medium: 400, large: 600 },
    },
    {
      id: 'strip',
      name: 'Strip to keep free',
      howTo: 'Seam or hem along every edge where nothing may be sewn; 0 for none.',
      plausible: [0, 60],
      presets: { small: 10, medium: 15, large: 20 },
      mayBeZero: true,
    },
  ],
  sizes: [
    { id: 'small', name: 'Small' },
    { id: 'medium', name: 'Medium' },
    { id: 'large', name: 'Large' },
  ],
  usualSize: 'medium',
  usualCloth: 'twill',
  shape,
  placements: [
    { id: 'centred', name: 'Centred', anchor: 'centre', upIs: 'the top edge', needs, target: (c) => target(c, false) },
    {
      id: 'from-edges',
      name: 'At distances from the edges',
      anchor: 'centre',
      upIs: 'the top edge',
      needs,
      target: (c) => target(c, true),
    },
  ],
}
