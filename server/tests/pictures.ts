const segment = (kind: number, ...data: number[]): number[] => [0xff, kind, 0, data.length + 2, ...data]

/** A JPEG of 16 x 8 points as its makers lay it down: frame, tables, scan; `shade` tells one from another. */
export const tinyPicture = (shade: number): Uint8Array =>
  Uint8Array.from([
    ...[0xff, 0xd8],
    ...segment(0xe0, ...Buffer.from('JFIF\0'), 1, 1, 0, 0, 1, 0, 1, 0, 0),
    ...segment(0xdb, ...new Array<number>(65).fill(1)),
    ...segment(0xc0, 8, 0, 8, 0, 16, 1, 1, 0x11, 0),
    ...segment(0xda, 1, 1, 0, 0, 63, 0),
    ...[shade, 0x55, 0xff, 0xd9],
  ])
