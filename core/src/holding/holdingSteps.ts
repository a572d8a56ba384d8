import type { HoldingMethod } from '../recipe/recipeQuery'
import type { Grip } from '../recipe/stack'

/** How the hoop closes and what is held in it; `grip`: how the cloth is held on the backing, where it floats. */
export type HoldingTask = {
  method: HoldingMethod
  closes: 'screw' | 'lever' | 'frame' | 'magnets'
  knit: boolean
  tube: boolean
  grip?: Grip
}

/** One thing hands do; `care`: what may hurt, with what decides. */
type HoldingStep = { id: string; text: string; care?: string }

const PINCH = 'Magnets pinch fingers; keep them from pacemakers and cards.'
const SPRAY = 'Spray outdoors or in a box with air moving, away from the machine, flames and children; read its label.'
const PIN = 'Count the pins in, and out again before the start.'

type Step = HoldingStep & { when?: (t: HoldingTask) => boolean }

const ring: readonly Step[] = [
  {
    id: 'lower-inside',
    text: 'Slide the lower ring inside the piece, its bracket toward the carriage.',
    when: (t) => t.tube,
  },
  {
    id: 'lower-under',
    text: 'Lay the lower ring down, its bracket toward the carriage, backing and cloth over it.',
    when: (t) => !t.tube,
  },
  {
    id: 'inner-round',
    text: 'Inner ring the right way round: its figures readable, its arrow at the top. Notches on the marks.',
  },
  { id: 'top-first', text: 'Top edge in first, then press down to the foot.' },
]
const close: readonly Step[] = [
  {
    id: 'screw',
    text: 'Finger-tight only. If it will not close, loosen the screw: forcing breaks it.',
    when: (t) => t.closes === 'screw',
  },
  {
    id: 'lever',
    text: 'Close the lever. If it will not, loosen its screw first: forcing breaks it.',
    when: (t) => t.closes === 'lever',
  },
  { id: 'frame', text: 'Clip the frame shut all round before you let go.', when: (t) => t.closes === 'frame' },
  {
    id: 'past-flush',
    text: 'Push the inner ring 1 to 2 mm past flush, so that the work glides.',
    when: (t) => t.closes !== 'frame',
  },
]
const flat: readonly Step[] = [
  { id: 'knit', text: 'Drum-flat, not stretched: smooth a knit from the middle, never pull it.', when: (t) => t.knit },
  { id: 'woven', text: 'Drum-flat. A woven may be tugged along the grain once it is closed.', when: (t) => !t.knit },
]
const floating: readonly Step[] = [
  { id: 'cross-hair', text: 'Draw or stitch a cross-hair on the backing through the notches.' },
  {
    id: 'lay-on',
    text: 'Lay the marks on the cross-hair, the cross first, then press outward. Grip at the edges, not over the design.',
  },
]
const fasten: readonly Step[] = [{ id: 'baste', text: 'Baste round the design, or pin outside the field.', care: PIN }]

const steps: Readonly<Record<HoldingMethod, (t: HoldingTask) => readonly Step[]>> = {
  hooped: () => [...ring, ...close, ...flat],
  floated: (t) => (t.grip === 'sprayed' ? floatedOnSpray : t.grip === 'pinned' ? floatedOnPins : floatedOnSticky),
  'backing-under': () => [
    ...ring,
    ...close,
    ...flat,
    {
      id: 'slide-under',
      text: 'At the machine, with the hoop on, slide the backing under: the design and 40 mm a side.',
    },
  ],
  clamped: () => [
    { id: 'clamp-under', text: 'Lower frame under the cloth, or inside the piece; backing flat on it.' },
    { id: 'clamp-marks', text: 'Cloth over it, the marks on the notches; smooth it from the middle.' },
    {
      id: 'clamp-down',
      text: 'Set the magnets down from the far side to the near one, without dragging the cloth.',
      care: PINCH,
    },
    { id: 'clamp-feel', text: 'Feel round the edge: no fold, zip or seam between the magnets.' },
  ],
  'backing-alone': () => [
    { id: 'alone', text: 'Hoop the backing by itself, drum-flat; nothing else goes in the ring.' },
    ...close,
  ],
}

const floatedOnSticky: readonly Step[] = [
  { id: 'paper-up', text: 'Hoop the sticky backing alone, paper side up, drum-flat.' },
  {
    id: 'score',
    text: 'Score the paper lightly round the inside of the ring with a pin, and a cross in the middle; peel it.',
    care: 'Score the paper only, away from your hand.',
  },
  ...floating,
  ...fasten,
]
const floatedOnSpray: readonly Step[] = [
  { id: 'hoop-backing', text: 'Hoop the backing alone, drum-flat.' },
  {
    id: 'spray',
    text: 'Spray the backing, never the cloth; wait until it is tacky, and check that its edges grip.',
    care: SPRAY,
  },
  ...floating,
  ...fasten,
]
const floatedOnPins: readonly Step[] = [
  { id: 'hoop-backing', text: 'Hoop the backing alone, drum-flat.' },
  ...floating,
  ...fasten,
]

/**
 * What hands do to hold a piece, in order, and only what belongs to that way (craft.md section 3).
 *
 * @example holdingSteps({ method: 'clamped', closes: 'magnets', knit: true, tube: true }) // no screw among them
 */
export function holdingSteps(task: HoldingTask): HoldingStep[] {
  return steps[task.method](task)
    .filter((step) => !step.when || step.when(task))
    .map(({ id, text, care }) => ({ id, text, ...(care ? { care } : {}) }))
}
