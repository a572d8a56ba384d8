import { all, any, not, when } from '../condition'

export const knit = when('a knit', (f) => f.knit)
export const coated = when('a coated face', (f) => f.coated)
export const towelling = when('towelling or waffle', (f) => f.towelling)
export const textured = when('a face that swallows stitches', (f) => f.textured)
export const stretchesOver10 = when('it stretches over 10 %', (f) => f.stretchy)
/** A knit, or a woven that stretches like one; its backing stays. */
export const springy = when(
  'a knit, or a woven that stretches over 10 %',
  (f) => (f.knit || f.stretchy) && !f.towelling && !f.coated,
)
export const pile = when('a pile', (f) => f.pile >= 2 && !f.towelling)
export const gives = when('a woven that stretches 5 to 10 %', (f) => f.gives)
export const paleThin = when('pale and thin enough to show what is under it', (f) => f.paleThin)
export const sheer = when('a sheer woven up to 60 g/m2', (f) => f.sheer)
export const fine = when('a woven under 120 g/m2', (f) => f.fine)
export const delicate = when('a smooth woven that is fine, see-through or an heirloom', (f) => f.delicate)
export const heavy = when('a sturdy woven from 400 g/m2', (f) => f.heavy)
export const sturdy = when('a sturdy woven from 300 g/m2', (f) => f.sturdy)
export const ridged = when('a ridged knit', (f) => f.ridged)
export const stretchWoven = when('a woven that stretches 8 % or more', (f) => f.stretchWoven)
export const padded = when('a wadded cloth', (f) => f.padded)
export const under200 = when('under 200 g/m2', (f) => f.gsm < 200)
export const fusible = when('backing may be fused to it', (f) => f.fusible)
export const takesHeat = when('it takes an iron', (f) => f.takesHeat)
export const takesWater = when('water leaves no mark on it', (f) => !f.waterMarks && !f.coated)
export const bruises = when('a hoop marks it', (f) => f.bruise === 'high')
export const slick = when('a slick cloth', (f) => f.slick)
export const hide = when('real hide', (f) => f.hide)
export const keepsHoles = when('needle holes stay in it', (f) => f.keepsHoles)
export const dark = when('a dark ground', (f) => f.dark)

/** A woven that is neither towelling nor coated and stretches 10 % at the most. */
const plainWoven = when(
  'a woven that stretches 10 % at the most',
  (f) => !f.knit && !f.stretchy && !f.towelling && !f.coated,
)
export const softWoven = all(plainWoven, delicate, not(sheer))
export const steady = all(plainWoven, not(any(delicate, sheer)))
/** Nothing is pinned or basted through it. */
export const holesStay = any(keepsHoles, coated)
