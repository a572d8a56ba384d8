// The colour package with the spaces that a page or an artwork names, and those that colour difference is worked out in.
import * as c from 'culori/fn'

const { converter, useMode: takeUp } = c
const named = [c.modeRgb, c.modeHsl, c.modeHsv, c.modeHwb, c.modeLab, c.modeLch, c.modeOklab, c.modeOklch]
const wide = [c.modeA98, c.modeP3, c.modeProphoto, c.modeRec2020]
const between = [c.modeLrgb, c.modeLab65, c.modeLch65, c.modeXyz50, c.modeXyz65]
for (const space of [...named, ...wide, ...between]) takeUp(space)

export const lab = converter('lab')
export * from 'culori/fn'
