/** @jest-environment node */
import { deflateSync } from 'node:zlib'
import { fitSide, NoPhoto, requirePicture } from '@/workers/makePhoto'

const chunk = (name: string, data: Buffer): Buffer => {
  const head = Buffer.alloc(8)
  head.writeUInt32BE(data.length)
  head.write(name, 4, 'latin1')
  return Buffer.concat([head, data, Buffer.alloc(4)])
}
/** A PNG that says it is so wide and high, whatever is in it. */
function png(width: number, height: number): Buffer {
  const size = Buffer.alloc(13)
  size.writeUInt32BE(width)
  size.writeUInt32BE(height, 4)
  size.set([8, 0, 0, 0, 0], 8)
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])
  return Buffer.concat([
    signature,
    chunk('IHDR', size),
    chunk('IDAT', deflateSync(Buffer.alloc(100))),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

describe('what is taken for a photo', () => {
  it('a small file that opens to a flood is told by its head and never opened', () => {
    const bomb = png(50_000, 50_000)
    expect(bomb.length).toBeLessThan(500)
    expect(() => requirePicture('bomb.png', bomb)).toThrow(
      'bomb.png would open to 2,500 million points; a photo may have 64.',
    )
    expect(requirePicture('twelve.png', png(4000, 3000))).toEqual({ type: 'png' })
  })

  it('a text by another name, a drawing, and a file beyond all sense are refused in words', () => {
    expect(() => requirePicture('note.jpg', Buffer.from('Dear customer, '.repeat(40)))).toThrow(NoPhoto)
    expect(() =>
      requirePicture('art.svg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="4" height="4"/>')),
    ).toThrow('isn’t a photo')
    expect(() => requirePicture('film.jpg', new Uint8Array(60_000_001))).toThrow('60 MB; a photo may have 60')
  })

  it('becomes 1600 on its longer side, and never larger than it was', () => {
    expect(fitSide(4000, 3000)).toEqual({ width: 1600, height: 1200 })
    expect(fitSide(3000, 4000)).toEqual({ width: 1200, height: 1600 })
    expect(fitSide(300, 200)).toEqual({ width: 300, height: 200 })
  })
})
