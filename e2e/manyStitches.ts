/** A stitch list of `count` stitches in a few colours: rows of fill one above the other, as a plain large design has. */
export function manyStitches(count: number, colours = ['#2c4a7a', '#a63a2b', '#d9a52e', '#3e6b4c']): string {
  const ACROSS = 60
  const each = Math.ceil(count / colours.length)
  const rows = ['x_mm,y_mm,command,colour']
  for (let i = 0; i < count; i++) {
    const [row, column] = [Math.floor(i / ACROSS), i % ACROSS]
    const x = (row % 2 === 0 ? column : ACROSS - 1 - column) * 3.3 + (row % 3) * 1.1
    rows.push(`${x.toFixed(2)},${(row * 0.18).toFixed(2)},stitch,${i % each === 0 ? colours[i / each] : ''}`)
  }
  rows.push('0,0,end,')
  return rows.join('\n')
}
