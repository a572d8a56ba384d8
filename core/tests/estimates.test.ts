import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { type Design, designStats, readDesignSvg, readStitchCsv, threadUse } from '../src'
import { readTypeface, setLettering } from '../src/lettering'
import { sewn } from './sewArtwork'

const motifs = path.resolve(__dirname, '../../demo/designs')
const fontFile = path.join(
  path.dirname(require.resolve('@expo-google-fonts/atkinson-hyperlegible-next/package.json')),
  '700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
)
const bytes = readFileSync(fontFile)
const plain = readTypeface(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer)

/** Millimetres without sewing beyond which the thread is cut; between letters it always is. */
const BETWEEN_LETTERS = 1
const BETWEEN_SHAPES = 3
/** The panel's list is as long as all the others together: with `npm run endure`. */
const within = (file: string): boolean => Boolean(process.env.THIMBLE_ENDURE) || file !== 'harbour-panel.svg'
const drawn: [string, Design, number][] = [
  ...readdirSync(motifs)
    .filter(within)
    .map((file): [string, Design, number] => [
      file,
      readDesignSvg(readFileSync(path.join(motifs, file), 'utf8')),
      BETWEEN_SHAPES,
    ]),
  ...[6, 8, 12, 25].map((letterHeight): [string, Design, number] => [
    `wording of ${letterHeight} mm`,
    setLettering(plain, { text: 'Marram & Tide', letterHeight, colour: '#1f2d38' }).design,
    BETWEEN_LETTERS,
  ]),
]

describe('what artwork is worked out to take, against a list sewn from it', () => {
  it.each(drawn)('%s: stitches and metres within 15 %%, and the load of the list', (_, design, cutBeyond) => {
    const [reckoned, list] = [designStats(design), designStats(readStitchCsv(sewn(design, cutBeyond)))]
    const thread = (stats: typeof list) => threadUse({ design: stats, stackThickness: 1 })
    const share = (a: number, b: number): number => Math.abs(a / b - 1)
    expect(share(reckoned.stitchCount, list.stitchCount)).toBeLessThan(0.15)
    expect(share(thread(reckoned).topMetres, thread(list).topMetres)).toBeLessThan(0.15)
    expect(reckoned.loadClass).toBe(list.loadClass)
  })
})
