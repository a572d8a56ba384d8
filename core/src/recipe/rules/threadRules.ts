import type { Facts } from '../facts'
import type { Bobbin } from '../stack'

/** The bobbin of craft.md section 7, and how the top tension is set; the first rule that applies decides. */
type BobbinRule = {
  id: string
  colour: Bobbin['colour']
  when: (f: Facts) => boolean
  text: (f: Facts) => string
}
type TensionRule = { id: string; when: (f: Facts, bobbin: Bobbin) => boolean; text: (f: Facts) => string }

const THIRD = 'until about a third of bobbin shows in the middle of a satin on the back.'

export const bobbinRules: readonly BobbinRule[] = [
  {
    id: 'bobbin.matched',
    colour: 'match',
    when: (f) => Boolean(f.use.backSeen),
    text: () => 'The back is seen: a bobbin matched to the top thread.',
  },
  {
    id: 'bobbin.black',
    colour: 'black',
    when: (f) => f.dark,
    text: () => 'Dark cloth: a black bobbin shows least.',
  },
  { id: 'bobbin.white', colour: 'white', when: () => true, text: () => 'White bobbin, as for most work.' },
]

export const tensionRules: readonly TensionRule[] = [
  {
    id: 'tension.metallic',
    when: (f) => f.work.topThread.fibre === 'metallic',
    text: () => 'Ease the top a good deal; metallic snaps when pulled.',
  },
  {
    id: 'tension.finer-bobbin',
    when: (f, bobbin) => bobbin.weight > f.work.topThread.weight,
    text: () => `The bobbin is finer than the top: ease the top tension ${THIRD}`,
  },
  { id: 'tension.even', when: () => true, text: () => `Set the top tension ${THIRD}` },
]
