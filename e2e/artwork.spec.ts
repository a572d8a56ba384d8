import { expect, test, type Page } from '@playwright/test'
import { readDesignSvg } from '@thimble/core'
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'

const folder = path.join(__dirname, 'fixtures/artwork')
const PX = 2400

type Edges = { left: number; top: number; right: number; bottom: number; px: number }

/** What the browser paints of a drawing, measured on its pixels; millimetres of the page. */
function painted(page: Page, text: string): Promise<Edges> {
  return page.evaluate(
    async ({ text, px }) => {
      const root = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement
      const units: Record<string, number> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, px: 25.4 / 96, '': 25.4 / 96 }
      const box = (root.getAttribute('viewBox') ?? '').split(/[\s,]+/).map(Number)
      const [wide, high] = (['width', 'height'] as const).map((name, i) => {
        const [, value, unit] = /^([\d.]+)(\w*)$/.exec(root.getAttribute(name) ?? String(box[2 + i]))!
        return Number(value) * units[unit!]!
      }) as [number, number]
      if (box.length < 4) root.setAttribute('viewBox', `0 0 ${(wide * 96) / 25.4} ${(high * 96) / 25.4}`)
      const k = px / Math.max(wide, high)
      root.setAttribute('width', `${wide * k}`)
      root.setAttribute('height', `${high * k}`)
      const large = new Image()
      large.src = URL.createObjectURL(
        new Blob([new XMLSerializer().serializeToString(root)], { type: 'image/svg+xml' }),
      )
      await large.decode()
      const canvas = document.createElement('canvas')
      canvas.width = Math.round(wide * k)
      canvas.height = Math.round(high * k)
      const pen = canvas.getContext('2d')!
      pen.drawImage(large, 0, 0)
      const { data } = pen.getImageData(0, 0, canvas.width, canvas.height)
      let [left, top, right, bottom] = [Infinity, Infinity, -1, -1]
      for (let y = 0; y < canvas.height; y++)
        for (let x = 0; x < canvas.width; x++) {
          if (data[4 * (y * canvas.width + x) + 3]! < 3) continue
          left = Math.min(left, x)
          right = Math.max(right, x + 1)
          top = Math.min(top, y)
          bottom = Math.max(bottom, y + 1)
        }
      return { left: left / k, top: top / k, right: right / k, bottom: bottom / k, px: 1 / k }
    },
    { text, px: PX },
  )
}

for (const file of readdirSync(folder).filter((name) => name.endsWith('.svg')))
  test(`${file} measures as the browser paints it`, async ({ page }) => {
    const text = readFileSync(path.join(folder, file), 'utf8')
    const seen = await painted(page, text)
    const { pageBox, width, height } = readDesignSvg(text)
    const ours = {
      left: pageBox!.x,
      top: pageBox!.y,
      right: pageBox!.x + width,
      bottom: pageBox!.y + height,
    }
    const allowed = Math.max(0.15, 0.003 * Math.max(width, height)) + seen.px
    for (const edge of ['left', 'top', 'right', 'bottom'] as const)
      expect(Math.abs(ours[edge] - seen[edge]), `${edge}: ${ours[edge]} and ${seen[edge]} mm`).toBeLessThan(allowed)
  })
