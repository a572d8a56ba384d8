import { ShopFile } from '@thimble/contract/answers'
import { designStats, readDesignSvg, readStitchCsv, writeStitchCsv } from '@thimble/core'
import { unpackDesign } from '@thimble/core/design/work'
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { demoToday } from '../../demo/demoShop'
import { readyDemo } from '../../demo/readyDemo'

const folder = path.join(__dirname, '../../demo')
const shop = readyDemo()
const { packedDesigns } = shop
const lists = packedDesigns.filter(({ packed }) => packed.source === 'stitches')

describe('the demo shop', () => {
  it('is a shop file as the contract has it', () => {
    const found = ShopFile.safeParse(shop)
    expect(found.error?.issues ?? []).toEqual([])
    expect(demoToday(folder)).toMatch(/^\d{4}-\d\d-\d\d$/)
  })

  it('has every design as it was read, and a design for every piece’s', () => {
    const ids = shop.designs.map((d) => d.id).sort()
    expect(packedDesigns.map((d) => d.id).sort()).toEqual(ids)
    for (const { measure } of shop.pieces) if (measure.designId) expect(ids).toContain(measure.designId)
  })

  it('says of each design what it measures', () => {
    for (const design of shop.designs) {
      const { packed } = packedDesigns.find((d) => d.id === design.id)!
      const stats = designStats(unpackDesign(packed as never))
      expect([stats.stitchCount, stats.loadClass]).toEqual([design.stitches, design.summary!.loadClass])
      expect(Math.abs(stats.width - design.width)).toBeLessThan(0.01)
    }
  })

  it.each(readdirSync(path.join(folder, 'designs')))('has %s as artwork that can be read without a warning', (file) => {
    expect(readDesignSvg(readFileSync(path.join(folder, 'designs', file), 'utf8')).warnings).toEqual([])
  })
})

describe('the demo’s stitch lists', () => {
  it('are several, one of them over 60,000 stitches', () => {
    const counts = lists.map(({ packed }) => designStats(unpackDesign(packed as never)).stitchCount)
    expect(counts.length).toBeGreaterThanOrEqual(4)
    expect(Math.max(...counts)).toBeGreaterThan(60_000)
  })

  it('are plausible: no stitch a machine would not take, few tiny ones, cut where the needle goes far', () => {
    for (const { packed } of lists) {
      const design = unpackDesign(packed as never)
      const { longest, short, long, stitchCount, meanLoad } = designStats(design)
      expect([long, longest! < 8]).toEqual([0, true])
      expect(short / stitchCount).toBeLessThan(0.02)
      expect(meanLoad).toBeGreaterThan(20)
      expect(meanLoad).toBeLessThan(130)
    }
  })

  it('come back from a file as they were, to a hundredth', () => {
    for (const { packed } of lists) {
      const design = unpackDesign(packed as never)
      const again = readStitchCsv(writeStitchCsv(design))
      expect(again.blocks.map((b) => [b.colour, b.stitchCount, b.jumps, b.trims])).toEqual(
        design.blocks.map((b) => [b.colour, b.stitchCount, b.jumps, b.trims]),
      )
      const [first, last] = [again.blocks[0]!.stitches!, design.blocks[0]!.stitches!]
      const apart = first.map((p, i) => Math.hypot(p.x - last[i]!.x, p.y - last[i]!.y))
      expect(Math.max(...apart)).toBeLessThan(0.02)
    }
  })
})
