type Size = { widthMm: number; heightMm: number }

/**
 * How much of a roll some pieces take, in mm of its length: side by side across it, whichever way round takes less; a
 * piece wider than the roll both ways is taken lengthwise.
 *
 * @example two pieces of 174 by 190 off a roll of 400: side by side, 190
 */
export function alongRoll(rollMm: number, { widthMm, heightMm }: Size, count: number): number {
  const ways = [
    [widthMm, heightMm],
    [heightMm, widthMm],
  ].flatMap(([across, along]) => {
    const beside = Math.floor(rollMm / across!)
    return beside > 0 ? [Math.ceil(count / beside) * along!] : []
  })
  return ways.length > 0 ? Math.min(...ways) : count * Math.max(widthMm, heightMm)
}
