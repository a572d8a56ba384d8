import { all, any, when } from '../condition'

export const dense = when('a dense design', (f) => f.dense)
export const lightWork = when('a light design', (f) => f.lightWork)
export const mediumLoad = when('a medium design', (f) => f.work.loadClass === 'medium')
/** All of it is letters under 6 mm. */
export const fineLetters = when('letters under 6 mm', (f) => f.fineLetters)
export const smallLetters = when('letters under 6 mm in it', (f) => f.smallLetters)
const ofKind = (kind: 'line' | 'wording' | 'fill' | 'applique' | 'satin', says: string) =>
  when(says, (f) => f.work.kind === kind)
export const line = ofKind('line', 'a line design')
export const applique = ofKind('applique', 'applied cloth')
export const satin = ofKind('satin', 'satin columns')
export const wording = ofKind('wording', 'wording')
export const metallic = when('metallic thread', (f) => f.work.topThread.fibre === 'metallic')
export const weight = (wt: number) => when(`${wt} wt thread`, (f) => f.work.topThread.weight === wt)

export const skin = when('worn next to the skin', (f) => f.skin)
export const takesCover = when('a cover may be fused over its back', (f) => f.takesCover)
export const backReached = when('its back is neither lined nor seen through', (f) => !f.use.noCover && !f.sheer)
const wornAndWashed = when('worn and washed', (f) => f.wornAndWashed)
export const washedDaily = when('washed all the time', (f) => f.use.laundering === 'daily')
export const infant = when('for an infant', (f) => Boolean(f.use.infant) || f.infants)
export const toyOrInfant = when('for an infant or a toy', (f) => Boolean(f.use.infant || f.use.toy) || f.infants)
export const backSeen = when('the back is seen', (f) => Boolean(f.use.backSeen))
const washed = when('washed', (f) => f.use.laundering === 'sometimes' || f.use.laundering === 'daily')
const dissolves = when('a house whose wearables keep no backing', (f) => f.habits.wearableBacking === 'dissolves')
/** Work that may be left without backing in the end; household linen too in a house that dissolves. */
export const mayDissolve = all(lightWork, any(wornAndWashed, all(washed, dissolves)))
