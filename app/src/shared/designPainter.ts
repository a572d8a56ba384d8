import type { View } from '@/drawing/scale'
import type { BlockInk } from '@/workers/blockInk'

const THREAD_MM = 0.45
/** Stitches between two pictures kept to go back to, and the most that one frame draws. */
const KEPT_EVERY = 10_000
const PER_FRAME = 5_000

type Stitched = { block: BlockInk; from: number; to: number }

/**
 * Draws a design stitch by stitch on a picture of its own. Going on draws only what is new; going back begins at the
 * nearest kept picture; a long way is cut into pieces of one frame, so that the screen is never held up.
 */
export class DesignPainter {
  readonly canvas: HTMLCanvasElement
  readonly #pen: CanvasRenderingContext2D
  readonly #parts: Stitched[] = []
  readonly #kept = new Map<number, ImageBitmap | HTMLCanvasElement>()
  readonly total: number
  #at = 0

  constructor(
    readonly ink: readonly BlockInk[],
    private readonly view: View,
    private readonly ratio: number,
  ) {
    this.canvas = document.createElement('canvas')
    this.canvas.width = Math.ceil(view.width * ratio)
    this.canvas.height = Math.ceil(view.height * ratio)
    this.#pen = this.canvas.getContext('2d')!
    let from = 0
    for (const block of ink) {
      // A block of artwork is drawn in one go and counts as one step.
      const steps = block.stitched ? block.points.length / 2 : 1
      this.#parts.push({ block, from, to: from + steps })
      from += steps
    }
    this.total = from
  }

  get at(): number {
    return this.#at
  }

  /** Draws on toward `step`; true when it is there. */
  go(step: number): boolean {
    if (step < this.#at) this.#back(step)
    const stop = Math.min(step, this.#at + PER_FRAME, (Math.floor(this.#at / KEPT_EVERY) + 1) * KEPT_EVERY)
    for (const { block, from, to } of this.#parts) {
      if (to <= this.#at || from >= stop) continue
      if (!block.stitched) this.#paintArea(block)
      else this.#paintStitches(block, Math.max(0, this.#at - from), Math.min(to, stop) - from)
    }
    this.#at = stop
    if (stop > 0 && stop % KEPT_EVERY === 0 && !this.#kept.has(stop)) this.#keep(stop)
    return this.#at >= step
  }

  #keep(step: number): void {
    const copy = document.createElement('canvas')
    copy.width = this.canvas.width
    copy.height = this.canvas.height
    copy.getContext('2d')!.drawImage(this.canvas, 0, 0)
    this.#kept.set(step, copy)
  }

  #back(step: number): void {
    let best = 0
    for (const kept of this.#kept.keys()) if (kept <= step && kept > best) best = kept
    const pen = this.#pen
    pen.setTransform(1, 0, 0, 1, 0, 0)
    pen.clearRect(0, 0, this.canvas.width, this.canvas.height)
    const picture = this.#kept.get(best)
    if (picture) pen.drawImage(picture, 0, 0)
    this.#at = best
  }

  #inMillimetres(): CanvasRenderingContext2D {
    const { k, left, top } = this.view
    const s = k * this.ratio
    this.#pen.setTransform(s, 0, 0, s, -left * s, -top * s)
    return this.#pen
  }

  #paintArea({ colour, points, starts }: BlockInk): void {
    const pen = this.#inMillimetres()
    pen.beginPath()
    starts.forEach((start, i) => {
      const end = starts[i + 1] ?? points.length / 2
      pen.moveTo(points[2 * start]!, points[2 * start + 1]!)
      for (let n = start + 1; n < end; n++) pen.lineTo(points[2 * n]!, points[2 * n + 1]!)
      pen.closePath()
    })
    pen.fillStyle = colour
    pen.fill('evenodd')
  }

  /** The stitches that end in needle points `from` up to `to`. */
  #paintStitches({ colour, points, starts }: BlockInk, from: number, to: number): void {
    const pen = this.#inMillimetres()
    pen.strokeStyle = colour
    pen.lineWidth = Math.max(THREAD_MM, 0.8 / this.view.k)
    pen.lineCap = 'round'
    pen.beginPath()
    let next = starts.findIndex((start) => start >= from)
    if (next < 0) next = starts.length
    if (from > 0) pen.moveTo(points[2 * from - 2]!, points[2 * from - 1]!)
    for (let n = from; n < to; n++) {
      if (starts[next] === n) {
        pen.moveTo(points[2 * n]!, points[2 * n + 1]!)
        next++
      } else pen.lineTo(points[2 * n]!, points[2 * n + 1]!)
    }
    pen.stroke()
  }

  /** Where the needle is, and which block it is in; null before the first stitch. */
  needle(): { x: number; y: number; block: number } | null {
    const block = this.#parts.findIndex(({ from, to }) => this.#at > from && this.#at <= to)
    const part = this.#parts[block]
    if (!part?.block.stitched) return null
    const n = this.#at - part.from - 1
    return { x: part.block.points[2 * n]!, y: part.block.points[2 * n + 1]!, block }
  }
}
