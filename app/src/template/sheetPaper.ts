import { papers as t } from '@thimble/language/en/papers'
import fontkit from '@pdf-lib/fontkit'
import { Asset } from 'expo-asset'
import type { create } from 'qrcode/lib/core/qrcode'
import { PDFDocument, type PDFFont, type PDFPage, rgb, type RGB } from 'pdf-lib'
import { fontFiles } from '@/theme/fonts'
import { light } from '@/theme/palette'

const POINTS = 72 / 25.4
/** A4, in mm. */
const [WIDTH, HEIGHT, EDGE, FOOT] = [210, 297, 16, 14]
const TAPE = 7

const colour = (hex: string): RGB =>
  rgb(...([1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number]))

type Face = 'Text' | 'TextBold' | 'Heading'
type Ink = { size?: number; face?: Face; tone?: keyof typeof light }
/** A cell of a row: its text, where it begins, and how wide it may be; amounts stand at its right. */
export type Cell = Ink & { text: string; at: number; wide: number; right?: boolean }

/** Sheets in the house's look, written from the top down in millimetres: serif headings, the tape, and a foot on each. */
export class SheetPaper {
  #page!: PDFPage
  #y = 0

  private constructor(
    private readonly pdf: PDFDocument,
    private readonly faces: Readonly<Record<Face, PDFFont>>,
    private readonly squares: typeof create,
    private readonly foot: string,
  ) {}

  static readonly wide = WIDTH - 2 * EDGE

  static async open(title: string, foot: string): Promise<SheetPaper> {
    const pdf = await PDFDocument.create()
    pdf.registerFontkit(fontkit)
    pdf.setTitle(title)
    const embed = async (face: Face): Promise<PDFFont> =>
      pdf.embedFont(await (await fetch(Asset.fromModule(fontFiles[face]).uri)).arrayBuffer(), { subset: true })
    const faces = { Text: await embed('Text'), TextBold: await embed('TextBold'), Heading: await embed('Heading') }
    const { create: squares } = await import('qrcode/lib/core/qrcode')
    const paper = new SheetPaper(pdf, faces, squares, foot)
    paper.#turn()
    return paper
  }

  async bytes(): Promise<Uint8Array> {
    const pages = this.pdf.getPages()
    pages.forEach((page, i) => {
      const says = pages.length > 1 ? t('page-of', { foot: this.foot, i: i + 1, pages: pages.length }) : this.foot
      page.drawText(says, {
        x: EDGE * POINTS,
        y: (FOOT - 5) * POINTS,
        size: 3 * POINTS,
        font: this.faces.Text,
        color: colour(light.inkSoft),
      })
    })
    return this.pdf.save()
  }

  gap(mm: number): void {
    this.#y += mm
  }

  /** Begins a new page where less than so much is left. */
  need(mm: number): void {
    if (this.#y + mm > HEIGHT - EDGE - FOOT) this.#turn()
  }

  /** The tape measure, from edge to edge. */
  tape(): void {
    const [x, y] = [EDGE, this.#y]
    this.#box({ x, y, wide: SheetPaper.wide, high: TAPE, fill: 'tape' })
    for (let mm = 5; mm < SheetPaper.wide; mm += 5) {
      this.#stroke(x + mm, y, x + mm, y + (mm % 10 === 0 ? 3 : 1.8), 'onTape', 0.2)
      if (mm % 20 === 0) this.#write(String(mm), x + mm - 1.4, y + 5.8, { size: 2.4, tone: 'onTape' })
    }
    this.#y += TAPE + 4
  }

  heading(text: string, size = 6): void {
    // With some of what it is over.
    this.need(size * 2 + 16)
    this.words(text, { face: 'Heading', size })
    this.gap(1)
  }

  /** Running text, broken where the line is full. */
  words(text: string, { size = 4, ...ink }: Ink = {}): void {
    for (const line of this.#broken(text, { size, ...ink }, SheetPaper.wide)) {
      this.need(size * 1.5)
      this.#write(line, EDGE, this.#y + size, { size, ...ink })
      this.#y += size * 1.45
    }
  }

  /** Cells beside each other, each broken within its width; a line above them where `rule` says. */
  row(cells: readonly Cell[], { rule, least = 0 }: { rule?: keyof typeof light; least?: number } = {}): void {
    const broken = cells.map((cell) => ({ cell, lines: this.#broken(cell.text, cell, cell.wide) }))
    const high = Math.max(least, ...broken.map(({ cell, lines }) => lines.length * (cell.size ?? 4) * 1.4)) + 2.4
    this.need(high)
    if (rule) this.#stroke(EDGE, this.#y, EDGE + SheetPaper.wide, this.#y, rule, 0.25)
    for (const { cell, lines } of broken)
      lines.forEach((line, i) => {
        const size = cell.size ?? 4
        const x = cell.right ? EDGE + cell.at + cell.wide - this.#widthOf(line, cell) : EDGE + cell.at
        this.#write(line, x, this.#y + 1 + size + i * size * 1.4, cell)
      })
    this.#y += high
  }

  /** A band in the tape's colour, for what is changed before something. */
  band(text: string): void {
    const lines = this.#broken(text, { size: 3.6 }, SheetPaper.wide - 6)
    const high = lines.length * 5 + 3
    // It stays with the piece it is for.
    this.need(high + 24)
    this.#box({ x: EDGE, y: this.#y, wide: SheetPaper.wide, high, fill: 'tape' })
    lines.forEach((line, i) =>
      this.#write(line, EDGE + 3, this.#y + 5 + i * 5, { size: 3.6, tone: 'onTape', face: 'TextBold' }),
    )
    this.#y += high + 2
  }

  /** A square to tick, at the place of the next row. */
  tickBox(at: number): void {
    this.#page.drawRectangle({
      ...{ x: (EDGE + at) * POINTS, y: (HEIGHT - this.#y - 6.5) * POINTS, width: 5 * POINTS, height: 5 * POINTS },
      ...{ borderColor: colour(light.ink), borderWidth: 0.3 * POINTS },
    })
  }

  /** An address as a square of dots, at the place of the next row. */
  code(text: string, at: number, size: number): void {
    const { modules } = this.squares(text, { errorCorrectionLevel: 'M' })
    const each = size / modules.size
    const dots = Array.from({ length: modules.size ** 2 }, (_, i) => i)
      .filter((i) => modules.data[i])
      .map((i) => [i % modules.size, Math.floor(i / modules.size)] as const)
      .map(
        ([x, y]) => `M${x * each * POINTS} ${y * each * POINTS}h${each * POINTS}v${each * POINTS}h${-each * POINTS}z`,
      )
    this.#page.drawSvgPath(dots.join(''), {
      ...{ x: (EDGE + at) * POINTS, y: (HEIGHT - this.#y - 1) * POINTS, color: rgb(0, 0, 0) },
    })
  }

  /** A roll laid out to cut: its strips and pieces, to one scale. */
  cuts(wide: number, long: number, pieces: readonly { x: number; y: number; width: number; height: number }[]): void {
    const k = Math.min(SheetPaper.wide / long, 40 / wide)
    this.need(wide * k + 4)
    const [x, y] = [EDGE, this.#y]
    this.#page.drawRectangle({
      ...{ x: x * POINTS, y: (HEIGHT - y - wide * k) * POINTS, width: long * k * POINTS, height: wide * k * POINTS },
      ...{ borderColor: colour(light.inkSoft), borderWidth: 0.2 * POINTS },
    })
    for (const one of pieces)
      this.#page.drawRectangle({
        ...{ x: (x + one.y * k) * POINTS, y: (HEIGHT - y - (one.x + one.width) * k) * POINTS },
        ...{ width: one.height * k * POINTS, height: one.width * k * POINTS },
        ...{ color: colour(light.calico), borderColor: colour(light.ink), borderWidth: 0.25 * POINTS },
      })
    this.#y += wide * k + 3
  }

  #turn(): void {
    this.#page = this.pdf.addPage([WIDTH * POINTS, HEIGHT * POINTS])
    this.#y = EDGE
  }

  #widthOf = (text: string, { size = 4, face = 'Text' }: Ink): number =>
    this.faces[face].widthOfTextAtSize(text, size * POINTS) / POINTS

  #write(text: string, x: number, y: number, { size = 4, face = 'Text', tone = 'ink' }: Ink): void {
    this.#page.drawText(text, {
      ...{ x: x * POINTS, y: (HEIGHT - y) * POINTS, size: size * POINTS },
      ...{ font: this.faces[face], color: colour(light[tone]) },
    })
  }

  #stroke(x1: number, y1: number, x2: number, y2: number, tone: keyof typeof light, weight: number): void {
    this.#page.drawLine({
      start: { x: x1 * POINTS, y: (HEIGHT - y1) * POINTS },
      end: { x: x2 * POINTS, y: (HEIGHT - y2) * POINTS },
      ...{ thickness: weight * POINTS, color: colour(light[tone]) },
    })
  }

  #box({
    x,
    y,
    wide,
    high,
    fill,
  }: {
    x: number
    y: number
    wide: number
    high: number
    fill: keyof typeof light
  }): void {
    this.#page.drawRectangle({
      ...{ x: x * POINTS, y: (HEIGHT - y - high) * POINTS, width: wide * POINTS, height: high * POINTS },
      color: colour(light[fill]),
    })
  }

  /** A text as lines no wider than there is room; what was broken by hand stays so, and a word that is too long is parted. */
  #broken(text: string, ink: Ink, wide: number): string[] {
    return text.split('\n').flatMap((part) => {
      const lines: string[] = []
      let line = ''
      for (const word of part.split(' ').flatMap((one) => this.#parted(one, ink, wide))) {
        const longer = line ? `${line} ${word}` : word
        if (line && this.#widthOf(longer, ink) > wide) {
          lines.push(line)
          line = word
        } else line = longer
      }
      return [...lines, line]
    })
  }

  #parted(word: string, ink: Ink, wide: number): string[] {
    if (this.#widthOf(word, ink) <= wide) return [word]
    const parts: string[] = []
    let part = ''
    for (const letter of word) {
      if (part && this.#widthOf(part + letter, ink) > wide) {
        parts.push(part)
        part = letter
      } else part += letter
    }
    return [...parts, part]
  }
}
