import type { Design, PackedDesign, SummarisedDesign } from '@thimble/core/design'
import { changeDesign, packDesign, readDesignSvg, summariseDesign } from '@thimble/core/design/work'
import { type Stitching, stitchArtwork, usualStitching } from './stitchArtwork'

type Plan = {
  id: string
  name: string
  file: string
  kind: string
  width: number
  height: number
  stitched?: Stitching
  note?: string
}

const closer: Stitching = { ...usualStitching, rowMm: 0.45, stitchMm: 3.9, underlay: true }

/** The demo's shelf: artwork as it was drawn, and stitch lists made from it. */
const plans: readonly Plan[] = [
  {
    id: 'design-tern',
    name: 'Tern over waves',
    file: 'tern',
    kind: 'fill',
    width: 84,
    height: 62,
    stitched: usualStitching,
  },
  {
    id: 'design-marram',
    name: 'Marram-grass row',
    file: 'marram',
    kind: 'line',
    width: 118,
    height: 46,
    stitched: usualStitching,
  },
  {
    id: 'design-lighthouse',
    name: 'Lighthouse badge',
    file: 'lighthouse',
    kind: 'fill',
    width: 72,
    height: 90,
    stitched: usualStitching,
  },
  {
    id: 'design-rope-initial',
    name: 'Rope-edged initial',
    file: 'rope-initial',
    kind: 'satin',
    width: 58,
    height: 64,
    stitched: usualStitching,
  },
  { id: 'design-concertina', name: 'Concertina', file: 'concertina', kind: 'fill', width: 124, height: 78 },
  { id: 'design-shell', name: 'Shell sprig', file: 'shell-sprig', kind: 'line', width: 46, height: 38 },
  {
    id: 'design-harbour',
    name: 'Harbour panel',
    file: 'harbour-panel',
    kind: 'fill',
    width: 249,
    height: 309,
    stitched: closer,
    note: 'For the backs of the guest room throws. A large field, two sheets underneath, and a bobbin for each half.',
  },
]

type DemoDesign = Omit<SummarisedDesign, 'summary'> & {
  id: string
  name: string
  kind: string
  note: string
  summary: SummarisedDesign['summary']
  packed: PackedDesign
}

/** @param artwork the text of an SVG in demo/designs, by its name without ending */
export function demoDesigns(artwork: (file: string) => string): DemoDesign[] {
  return plans.map(({ id, name, file, kind, stitched, note = '', ...size }) => {
    const drawn = readDesignSvg(artwork(file))
    const design: Design = stitched ? stitchArtwork(scaledTo(drawn, size.width), size, stitched) : drawn
    return { id, name, kind, note, ...summariseDesign(design), packed: packDesign(design) }
  })
}

const scaledTo = (drawn: Design, width: number): Design =>
  changeDesign(drawn, { scale: width / drawn.width, rotate: 0, mirror: 'none' })
