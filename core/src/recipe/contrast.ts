import { message } from '../messages/message'
import { differenceCiede2000, lab, parse } from 'culori'
import { CoreError } from '../errors'
import type { Cloth } from './clothFacts'
import type { Work } from './recipeQuery'

const deltaE = differenceCiede2000()

/** CIE lightness of a colour. @throws CoreError('bad-colour') */
export function lightnessOf(colour: string, path: string): number {
  const found = parse(colour)
  if (!found) throw new CoreError('bad-colour', message('problem.is-not-a-colour-write', { colour }), path)
  return lab(found).l
}

type Contrast = { contrast: number; lightOnDark: boolean }

/** How far the thread that differs most lies from the ground, and whether it is the lighter of the two. */
export function contrastOf(cloth: Cloth, work: Work): Contrast {
  const ground = lightnessOf(cloth.colour, 'cloth.colour')
  return work.topThread.colours.reduce<Contrast>(
    (most, colour, i) => {
      const lighter = lightnessOf(colour, `work.topThread.colours[${i}]`) > ground
      const contrast = deltaE(cloth.colour, colour)
      return contrast > most.contrast ? { contrast, lightOnDark: lighter } : most
    },
    { contrast: 0, lightOnDark: false },
  )
}
