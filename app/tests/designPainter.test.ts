import { readDesignSvg, readStitchCsv } from '@thimble/core/design/work'
import { DesignPainter } from '@/shared/designPainter'
import { inkOf } from '@/workers/blockInk'

/** A pen that writes down what it draws: `M x,y` and `L x,y` since it was last wiped, by colour. */
class Pen {
  drawn: string[] = []
  strokeStyle = ''
  fillStyle = ''
  lineWidth = 0
  lineCap = ''
  setTransform(): void {}
  beginPath(): void {}
  stroke(): void {}
  closePath(): void {}
  fill(rule: string): void {
    this.drawn.push(`fill ${rule} ${this.fillStyle}`)
  }
  moveTo(x: number, y: number): void {
    this.drawn.push(`M${x},${y}`)
  }
  lineTo(x: number, y: number): void {
    this.drawn.push(`L${x},${y} ${this.strokeStyle}`)
  }
  clearRect(): void {
    this.drawn = []
  }
  drawImage(from: { pen: Pen }): void {
    this.drawn = [...from.pen.drawn]
  }
}

beforeAll(() => {
  // A canvas that only knows how to hand out its pen.
  globalThis.document = {
    createElement: () => {
      const pen = new Pen()
      return { pen, width: 0, height: 0, getContext: () => pen }
    },
  } as never
})

const view = { k: 4, left: -50, top: -50, width: 400, height: 400 }
const rows = (count: number): string =>
  Array.from({ length: count }, (_, i) => `${i % 50},${Math.floor(i / 50)},stitch,${i === 0 ? '#111111' : ''}`).join(
    '\n',
  )
const painterOf = (csv: string): { painter: DesignPainter; pen: Pen } => {
  const { blocks } = readStitchCsv(`x_mm,y_mm,command,colour\n${csv}\n`)
  const painter = new DesignPainter(blocks.map(inkOf), view, 1)
  return { painter, pen: (painter.canvas as never as { pen: Pen }).pen }
}
const lines = (pen: Pen): string[] => pen.drawn.filter((step) => step.startsWith('L'))
const goTo = (painter: DesignPainter, step: number): number => {
  let frames = 1
  while (!painter.go(step)) frames++
  return frames
}

describe('drawing a design stitch by stitch', () => {
  it('draws each stitch once, up to where it is told', () => {
    const { painter, pen } = painterOf(rows(100))
    goTo(painter, 40)
    expect(lines(pen)).toHaveLength(39)
    goTo(painter, 100)
    expect(lines(pen)).toHaveLength(99)
    expect(new Set(lines(pen)).size).toBe(99)
    expect(painter.total).toBe(100)
  })

  it('lifts where the thread is cut, and changes colour with the block', () => {
    const { painter, pen } = painterOf(
      '0,0,stitch,#111111\n5,0,stitch,\n5,0,trim,\n20,0,jump,\n20,0,stitch,\n25,0,stitch,\n0,9,stitch,#222222\n5,9,stitch,',
    )
    goTo(painter, 6)
    expect(lines(pen).map((line) => line.split(' ')[1])).toEqual(['#111111', '#111111', '#222222'])
    expect(pen.drawn.filter((step) => step.startsWith('M'))).toHaveLength(3)
  })

  it('shows the same after going back and on as after going straight there', () => {
    const straight = painterOf(rows(26_000))
    goTo(straight.painter, 12_345)
    const wandering = painterOf(rows(26_000))
    for (const step of [26_000, 3, 19_999, 10_000, 12_345]) goTo(wandering.painter, step)
    expect(lines(wandering.pen)).toEqual(lines(straight.pen))
  })

  it('never draws more than 5,000 stitches in one frame', () => {
    const { painter, pen } = painterOf(rows(26_000))
    let before = 0
    while (!painter.go(26_000)) {
      expect(lines(pen).length - before).toBeLessThanOrEqual(5000)
      before = lines(pen).length
    }
    // Back by one stitch begins at the picture kept at 20,000, and is two frames away.
    expect(goTo(painter, 25_999)).toBeLessThanOrEqual(2)
  })

  it('stands the needle at the last stitch drawn', () => {
    const { painter } = painterOf('0,0,stitch,#111111\n10,0,stitch,\n10,6,stitch,#222222\n0,6,stitch,')
    expect(painter.needle()).toBeNull()
    goTo(painter, 3)
    expect(painter.needle()).toEqual({ x: 5, y: 3, block: 1 })
  })

  it('paints artwork as areas with their holes', () => {
    const { blocks } = readDesignSvg(
      '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="40mm" viewBox="0 0 40 40"><path fill="#3e6b4c" fill-rule="evenodd" d="M0 0H40V40H0ZM10 10H30V30H10Z"/></svg>',
    )
    const painter = new DesignPainter(blocks.map(inkOf), view, 1)
    expect([goTo(painter, painter.total), painter.total]).toEqual([1, 1])
    const { drawn } = (painter.canvas as never as { pen: Pen }).pen
    expect(drawn.at(-1)).toBe('fill evenodd #3e6b4c')
    expect(drawn.filter((step) => step.startsWith('M'))).toHaveLength(2)
  })
})
