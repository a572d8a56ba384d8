import { execFileSync } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import jsQR from 'jsqr'
import path from 'node:path'

/** Ten pixels a millimetre. */
const DPI = 254

export const pdfText = (file: string): string => execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
export const pdfPages = (file: string): number =>
  Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file], { encoding: 'utf8' }))![1])

type Grey = { width: number; height: number; dark: (x: number, y: number) => boolean }

/** The pages of a PDF as grey pictures of ten pixels a millimetre, drawn by poppler. */
export function pdfPictures(file: string): Grey[] {
  const folder = mkdtempSync(path.join(tmpdir(), 'template-'))
  execFileSync('pdftoppm', ['-gray', '-r', String(DPI), file, path.join(folder, 'page')])
  const pictures = readdirSync(folder)
    .sort()
    .map((name) => readPgm(readFileSync(path.join(folder, name))))
  rmSync(folder, { recursive: true })
  return pictures
}

function readPgm(bytes: Buffer): Grey {
  const head = /^P5\s+(\d+)\s+(\d+)\s+(\d+)\s/.exec(bytes.subarray(0, 64).toString('latin1'))!
  const [width, height] = [Number(head[1]), Number(head[2])]
  const start = head[0].length
  return { width, height, dark: (x, y) => bytes[start + y * width + x]! < 140 }
}

/**
 * Straight level runs of ink of about `mm`, as [x, y, length] in millimetres. `bridge`: gaps of so many pixels are
 * passed over, for nothing but the grain of the picture.
 */
export function levelRuns(
  { width, height, dark }: Grey,
  mm: number,
  slack = 1,
  bridge = 2,
): [number, number, number][] {
  const found: [number, number, number][] = []
  for (let y = 0; y < height; y++) {
    let [from, last] = [-1, -1]
    for (let x = 0; x <= width; x++) {
      if (x < width && dark(x, y)) {
        if (from < 0) from = x
        last = x
      } else if (from >= 0 && (x === width || x - last > bridge)) {
        const length = (last - from + 1) / 10
        if (Math.abs(length - mm) <= slack) found.push([from / 10, y / 10, length])
        from = -1
      }
    }
  }
  return found
}

/** The same for upright runs. */
export function uprightRuns(picture: Grey, mm: number, slack = 1): [number, number, number][] {
  const turned = { width: picture.height, height: picture.width, dark: (x: number, y: number) => picture.dark(y, x) }
  return levelRuns(turned, mm, slack).map(([y, x, length]) => [x, y, length])
}

/** What the first code on a page says, looked for down a strip `wide` mm wide from `left`; null where there is none. */
export function codeOn({ width, height, dark }: Grey, left: number, wide: number): string | null {
  const [x0, w, step] = [Math.round(left * 10), Math.min(Math.round(wide * 10), width - Math.round(left * 10)), 60]
  for (let y0 = 0; y0 + w < height; y0 += step) {
    const pixels = new Uint8ClampedArray(w * w * 4).fill(255)
    for (let y = 0; y < w; y++)
      for (let x = 0; x < w; x++) if (dark(x0 + x, y0 + y)) pixels.fill(0, (y * w + x) * 4, (y * w + x) * 4 + 3)
    const found = jsQR(pixels, w, w)
    if (found) return found.data
  }
  return null
}
