// The interface library asks a colour package for darker and fainter colours; the one that ships already gives them.
import { converter, formatRgb } from 'culori'

const toHsl = converter('hsl')
const shade = (hsl) => ({
  darken: (by) => shade({ ...hsl, l: hsl.l * (1 - by) }),
  alpha: (alpha) => shade({ ...hsl, alpha }),
  rgb: () => shade(hsl),
  string: () => formatRgb(hsl),
  toString: () => formatRgb(hsl),
})

export default (colour) => shade(toHsl(colour))
