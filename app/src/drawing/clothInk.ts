import { parse, wcagLuminance } from 'culori'

/** Chalk that shows on a cloth: white on dark, tailor's blue on pale. */
export function clothInk(cloth: string): { chalk: string; line: string; tint: string } {
  const colour = parse(cloth)
  const dark = colour ? wcagLuminance(colour) < 0.35 : false
  return dark
    ? { chalk: '#FFFFFF', line: 'rgba(255,255,255,0.55)', tint: 'rgba(255,255,255,0.16)' }
    : { chalk: '#2C4A7A', line: 'rgba(31,45,56,0.45)', tint: 'rgba(44,74,122,0.12)' }
}
