import type { HouseHabits } from '../../habits'
import { when } from '../condition'

/** The house's way where practitioners differ. */
export const house = <Habit extends keyof HouseHabits>(habit: Habit, choice: HouseHabits[Habit], says: string) =>
  when(says, (f) => f.habits[habit] === choice)

export const alwaysTwo = house('layers', 'always-two', 'a house that lays always two')
export const hoopsKnits = house('knits', 'hoop', 'a house that hoops knits')
export const floatsKnits = house('knits', 'float', 'a house that floats knits')
export const sticks = house('grip', 'sticky', 'a house that presses on sticky backing')

export const clampAtHand = when('the hoop clamps', (f) => f.ring?.clamp === true)
export const tooThickForRing = when(
  'it is thicker than the hoop closes over',
  (f) => f.ring?.maxThicknessMm !== undefined && f.thickness > f.ring.maxThicknessMm,
)
/** What a firm backing takes of the ring's room, in mm. */
const FIRM_BACKING = 0.4
export const ringTakesBacking = when(
  'the hoop closes over cloth and backing',
  (f) => f.ring?.maxThicknessMm === undefined || f.thickness + FIRM_BACKING <= f.ring.maxThicknessMm,
)
