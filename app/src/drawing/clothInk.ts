import { differenceCiede2000, parse, wcagLuminance } from 'culori'

/** Dark enough that white chalk shows better than blue. */
function isDark(cloth: string): boolean {
  const colour = parse(cloth)
  return colour ? wcagLuminance(colour) < 0.35 : false
}

/** Chalk that shows on a cloth: white on dark, tailor's blue on pale. */
export function clothInk(cloth: string): { chalk: string; line: string; tint: string } {
  return isDark(cloth)
    ? { chalk: '#FFFFFF', line: 'rgba(255,255,255,0.55)', tint: 'rgba(255,255,255,0.16)' }
    : { chalk: '#2C4A7A', line: 'rgba(31,45,56,0.45)', tint: 'rgba(44,74,122,0.12)' }
}

const SCRAPS = ['#8b98a3', '#e9e0cd', '#33475c'] as const
const unlike = differenceCiede2000()

/** A scrap of cloth that a design's own colours stand out on: the one whose nearest colour is farthest off. */
export function groundFor(colours: readonly string[]): string {
  const nearest = (cloth: string): number => Math.min(100, ...colours.map((colour) => unlike(colour, cloth)))
  return [...SCRAPS].sort((a, b) => nearest(b) - nearest(a))[0]!
}
