import { type Message, message } from '../messages/message'
import { converter, differenceCiede2000, formatHex, parse, toGamut, wcagContrast } from 'culori'
import { CoreError } from '../errors'

const distance = differenceCiede2000()
const toLch = converter('oklch')
const shown = toGamut('rgb', 'oklch')

function known(colour: string): string {
  if (!/^#[0-9a-f]{6}$/i.test(colour) || !parse(colour))
    throw new CoreError('bad-colour', message('colour.is-not-a-colour-write', { colour }), 'colour')
  return colour
}

/** How unlike two colours look: CIEDE2000. About 1 is just seen side by side; over 10 is another colour. */
export const colourDistance = (a: string, b: string): number => distance(known(a), known(b))

export type Match<T> = { thread: T; distance: number; words: Message }

const closeness: readonly (readonly [number, Message])[] = [
  [1, message('colour.the-same-to-the-eye')],
  [3, message('colour.almost-the-same')],
  [6, message('colour.close')],
  [12, message('colour.similar-but-you-see-the')],
]

/**
 * The threads nearest a colour, best first.
 *
 * @throws CoreError('bad-colour')
 * @example nearestThreads('#ff0000', [{ colour: '#fe0000' }, { colour: '#0000ff' }])[0].words // 'the same to the eye'
 */
export function nearestThreads<T extends { colour: string }>(
  colour: string,
  threads: readonly T[],
  most = 3,
): Match<T>[] {
  return threads
    .map((thread) => ({ thread, distance: colourDistance(colour, thread.colour) }))
    .sort((a, b) => a.distance - b.distance)
    .slice(0, most)
    .map((m) => ({
      ...m,
      words: closeness.find(([under]) => m.distance < under)?.[1] ?? message('colour.another-colour'),
    }))
}

/** CIEDE2000 under which two colours are almost the same. */
const SAME_TO_THE_EYE = 3

/** The thread that is the same as a colour to the eye; null where none is. @throws CoreError('bad-colour') */
export function sameToTheEye<T extends { colour: string }>(colour: string, threads: readonly T[]): T | null {
  const [best] = nearestThreads(colour, threads, 1)
  return best && best.distance < SAME_TO_THE_EYE ? best.thread : null
}

const STARK = 50
const SINKS = 12
const SOFT = 25

/**
 * How a thread stands on its ground, and what follows for the topping (craft.md sections 5 and 7).
 *
 * @throws CoreError('bad-colour')
 */
export function onGround(
  thread: string,
  cloth: string,
): { distance: number; kind: 'sinks' | 'soft' | 'clear' | 'stark'; said: Message } {
  const far = colourDistance(thread, cloth)
  if (far > STARK) {
    const way =
      wcagContrast(thread, '#000000') > wcagContrast(cloth, '#000000')
        ? message('colour.light-on-dark')
        : message('colour.dark-on-light')
    return {
      distance: far,
      kind: 'stark',
      said: message('colour.the-cloth-shows-between-the', { way }),
    }
  }
  if (far < SINKS)
    return {
      distance: far,
      kind: 'sinks',
      said: message('colour.almost-the-cloths-colour-only'),
    }
  if (far < SOFT) return { distance: far, kind: 'soft', said: message('colour.soft-on-this-cloth-tone') }
  return { distance: far, kind: 'clear', said: message('colour.clear-on-this-cloth') }
}

/** Lightness of each tone, as far from the ground as the cloth leaves room for; the hue is the cloth's. */
function tones(cloth: string, count: number): string[] {
  const { l, c, h } = toLch(known(cloth))!
  const LEAST = 0.14
  const upward = l < 0.6
  const room = upward ? 0.97 - l : l - 0.18
  return Array.from({ length: count }, (_, i) => {
    const share = count === 1 ? 0.5 : i / (count - 1)
    const step = LEAST + (room - LEAST) * share
    return formatHex(
      shown({
        mode: 'oklch',
        l: upward ? l + step : l - step,
        c: Math.min(c, 0.12) * (1 - 0.35 * share),
        ...(h === undefined ? {} : { h }),
      }),
    )
  })
}

const lightness = (colour: string): number => toLch(known(colour))!.l

/** The order of colours by lightness, darkest first. */
const byLightness = (colours: readonly string[]): number[] =>
  colours.map((_, i) => i).sort((a, b) => lightness(colours[a]!) - lightness(colours[b]!))

/** Gives each of the design's colours one of `offered`, darkest to darkest, so that its lights and shades stay. */
function dealt(colours: readonly string[], offered: readonly string[]): string[] {
  const distinct = [...new Set(colours.map((c) => c.toLowerCase()))]
  const ranked = byLightness(distinct)
  const from = byLightness(offered).map((i) => offered[i]!)
  const given = new Map<string, string>()
  ranked.forEach((colour, rank) => {
    const at =
      ranked.length === 1
        ? Math.floor((from.length - 1) / 2)
        : Math.round((rank * (from.length - 1)) / (ranked.length - 1))
    given.set(distinct[colour]!, from[at]!)
  })
  return colours.map((colour) => given.get(colour.toLowerCase())!)
}

/**
 * The design's colours tone on tone: the cloth's own hue, lighter on a dark cloth and darker on a light one, its lights
 * and shades kept (craft.md section 7).
 *
 * @returns one colour for each given, in order
 * @throws CoreError('bad-colour')
 */
export function toneOnTone(colours: readonly string[], cloth: string): string[] {
  return dealt(colours, tones(cloth, Math.max(1, new Set(colours.map((c) => c.toLowerCase())).size)))
}

/**
 * The design's colours taken from the cloth's print: those of the print that stand off the ground, darkest to darkest.
 *
 * @param print colours picked from the cloth; the first is its ground
 * @throws CoreError('bad-colour'), CoreError('bad-request') when no colour of the print stands off the ground
 */
export function fromThePrint(colours: readonly string[], print: readonly string[]): string[] {
  const [ground, ...others] = print
  const offered = others.filter((colour) => colourDistance(colour, ground!) >= SINKS)
  if (!ground || offered.length === 0)
    throw new CoreError('bad-request', message('colour.pick-the-background-and-at'), 'print')
  return dealt(colours, offered)
}
