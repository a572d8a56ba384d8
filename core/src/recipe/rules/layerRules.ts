import type { Facts } from '../facts'
import type { Because } from '../recipeOption'

/** How many sheets lie underneath, and why (craft.md section 5); the first that applies is told. */
type LayerRule = {
  id: string
  habit: NonNullable<Because['habit']>
  when: (f: Facts, sheets: number) => boolean
  text: (f: Facts) => string
}

export const layerRules: readonly LayerRule[] = [
  {
    id: 'layers.always-two',
    habit: 'layers',
    when: (f, sheets) => f.habits.layers === 'always-two' && sheets > 1 && !f.dense,
    text: () => 'House habit: always two layers.',
  },
  {
    id: 'layers.dense',
    habit: 'layers',
    when: (f, sheets) => f.dense && sheets > 1,
    text: () => 'Over 100 stitches a square centimetre: two layers, crossed at 90 degrees.',
  },
  {
    id: 'layers.medium',
    habit: 'layers',
    when: (f) => f.work.loadClass === 'medium',
    text: () => 'Medium load: one medium layer or two light ones.',
  },
  {
    id: 'layers.light',
    habit: 'layers',
    when: (f, sheets) => !f.dense && sheets === 1,
    text: () => 'A light load needs one layer.',
  },
]
