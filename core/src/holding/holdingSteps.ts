import { layerNames } from '../recipe/names'
import type { HoldingMethod } from '../recipe/recipeQuery'
import type { Layer } from '../recipe/stack'

/**
 * How the hoop closes and what is held in it; `layers`: the stack from top to bottom, whose own steps are said when they are
 * due; `holesStay`: no pin and no basting; `wet`: a film's corners may be wetted; `notches`: where they go from the cross, in
 * words, where the hoop does not sit on the mark.
 */
export type HoldingTask = {
  method: HoldingMethod
  closes: 'screw' | 'lever' | 'frame' | 'magnets'
  knit: boolean
  tube: boolean
  /** The piece is narrower than the hoop: a child’s leg, a sleeve, a sock. */
  narrow?: boolean
  layers?: readonly Layer[]
  holesStay?: boolean
  wet?: boolean
  notches?: string
}

/** One thing hands do; `care`: what may hurt, with what decides. */
type HoldingStep = { id: string; text: string; care?: string }

const PINCH = 'Magnets pinch fingers. Keep them away from pacemakers and cards.'
const SPRAY = 'Spray outdoors or in a ventilated box, away from machine, flames and children. Read the label.'
const PIN = 'Count the pins in, and out again before you start.'
const IRON = 'Irons burn. Follow the care label and the backing’s label.'

type Step = Omit<HoldingStep, 'text'> & {
  text: string | ((t: HoldingTask) => string)
  when?: (t: HoldingTask) => boolean
}

const backings = ({ layers = [] }: HoldingTask): Layer[] => layers.filter(({ role }) => role === 'backing')
const isSticky = ({ kind }: Layer): boolean => kind.endsWith('-sticky')
const stickyInRing = (t: HoldingTask): boolean => backings(t).some((one) => isSticky(one) && one.grip === 'in-ring')
const nameOf = ({ kind }: Layer): string => layerNames[kind].toLowerCase()
const sizeOf = ({ piece }: Layer): string =>
  piece ? `, ${Math.round(piece.widthMm)} by ${Math.round(piece.heightMm)} mm` : ''

/** What is put on the cloth's back before anything is hooped. */
function onBack(t: HoldingTask): Step[] {
  return backings(t).flatMap((layer): Step[] => {
    const id = layer.kind
    if (layer.grip === 'fused')
      return [
        {
          id: `fuse.${id}`,
          text: `Fuse the ${nameOf(layer)} to the back${sizeOf(layer)}. Press and lift, don’t slide; let it cool.`,
          care: IRON,
        },
      ]
    if (layer.grip === 'sprayed')
      return [
        {
          id: `spray.${id}`,
          text: `Spray the ${nameOf(layer)}${sizeOf(layer)}, never the cloth. Press it on the back, edges down.`,
          care: SPRAY,
        },
      ]
    return []
  })
}

/** Too narrow for a hoop inside it: a seam is opened, so that one layer lies flat. */
const oneLayer: Step = {
  id: 'one-layer',
  text: 'It’s narrower than the hoop. Open its seam until one layer lies flat, and pin the other layer clear.',
  care: 'Seam rippers cut. Work away from your hand, and count the pins.',
  when: (t) => t.tube && t.narrow === true,
}

const ring: readonly Step[] = [
  oneLayer,
  {
    id: 'peel-first',
    text: 'Peel the paper off the sticky sheet and press the cloth on it, then hoop both.',
    when: (t) => t.method === 'hooped' && stickyInRing(t),
  },
  {
    id: 'lower-inside',
    text: 'Slide the outer ring inside the piece, bracket toward the carriage.',
    when: (t) => t.tube && !t.narrow,
  },
  {
    id: 'lower-under',
    text: (t) =>
      t.method === 'backing-under'
        ? 'Lay the outer ring down, bracket toward the carriage. Lay only the cloth over it.'
        : 'Lay the outer ring down, bracket toward the carriage. Lay backing and cloth over it.',
    when: (t) => !t.tube || t.narrow === true,
  },
  {
    id: 'inner-round',
    text: ({ notches }) =>
      `Turn the inner ring the right way round: marks readable, arrow at the top. ${notches ? `Notches ${notches}, square to the dots.` : 'Notches on the marks.'}`,
  },
  { id: 'top-first', text: 'Press the top edge in first, then down to the bottom.' },
]
const close: readonly Step[] = [
  {
    id: 'screw',
    text: 'Tighten with your fingers only. If it won’t close, loosen the screw: forcing breaks it.',
    when: (t) => t.closes === 'screw',
  },
  {
    id: 'lever',
    text: 'Close the lever. If it won’t, loosen its screw first: forcing breaks it.',
    when: (t) => t.closes === 'lever',
  },
  { id: 'frame', text: 'Clip the frame shut all round before you release it.', when: (t) => t.closes === 'frame' },
  {
    id: 'past-flush',
    text: 'Push the inner ring 1 to 2 mm past flush so it glides.',
    when: (t) => t.closes === 'screw' || t.closes === 'lever',
  },
]
const flat: readonly Step[] = [
  {
    id: 'knit',
    text: 'Flat as a drum, not stretched: smooth a knit from the middle, never pull it.',
    when: (t) => t.knit,
  },
  { id: 'woven', text: 'Flat as a drum. You can tug a woven along the grain once it’s closed.', when: (t) => !t.knit },
]
/** The backing alone in the hoop, however that closes. */
const backingInHoop: readonly Step[] = [
  { id: 'paper-up', text: 'Hoop the sticky backing alone, paper side up, flat as a drum.', when: stickyInRing },
  { id: 'hoop-backing', text: 'Hoop the backing alone, flat as a drum.', when: (t) => !stickyInRing(t) },
  {
    id: 'magnets',
    text: 'Set the magnets down one by one, fingers clear.',
    care: PINCH,
    when: (t) => t.closes === 'magnets',
  },
  ...close,
  {
    id: 'score',
    text: 'Score the paper lightly round the inside of the hoop, and a cross in the middle. Peel it.',
    care: 'Score the paper only, away from your hand.',
    when: stickyInRing,
  },
]
const floating: readonly Step[] = [
  {
    id: 'spray',
    text: 'Spray the backing, never the cloth. Wait until it’s tacky, and check that the edges grip.',
    care: SPRAY,
    when: (t) => clothGrip(t) === 'sprayed' && !stickyInRing(t),
  },
  { id: 'cross-hair', text: 'Draw or stitch a cross-hair on the backing through the notches.' },
  {
    id: 'over-hoop',
    text: 'Slip the piece over the hoop, or turn it inside out round the hoop.',
    when: (t) => t.tube && !t.narrow,
  },
  oneLayer,
  {
    id: 'lay-on',
    text: ({ notches }) =>
      `${notches ? `Lay the piece so the cross-hair is ${notches}, square to the dots` : 'Lay the marks on the cross-hair, the cross first'}, then press outward. Grip at the edges, not over the design.`,
  },
  { id: 'baste', text: 'Baste round the design, or pin outside the field.', care: PIN, when: (t) => !t.holesStay },
  {
    id: 'tape',
    text: 'Tape the edges down outside the field. No pins or basting: holes stay.',
    when: (t) => t.holesStay === true,
  },
]
const clamping: readonly Step[] = [
  oneLayer,
  { id: 'clamp-under', text: 'Put the lower frame under the cloth, or inside the piece, with the backing flat on it.' },
  {
    id: 'clamp-marks',
    text: ({ notches }) =>
      `Cloth over it, ${notches ? `the notches ${notches}, square to the dots` : 'the marks on the notches'}. Smooth it from the middle.`,
  },
  {
    id: 'clamp-down',
    text: 'Set the magnets down from the far side to the near side. Don’t drag the cloth.',
    care: PINCH,
  },
  { id: 'clamp-feel', text: 'Feel round the edge for folds, zips or seams between the magnets.' },
]
const slideUnder: Step = {
  id: 'slide-under',
  text: (t) => {
    const [layer] = backings(t)
    return `At the machine, with the hoop on, slide the ${layer ? nameOf(layer) : 'backing'} under${layer ? sizeOf(layer) : ''}, 40 mm larger than the design all round.`
  },
}

/** Each topping has its way of being held; it comes last. */
function onTop({ layers = [], wet, holesStay }: HoldingTask): Step[] {
  return layers
    .filter(({ role }) => role === 'topping')
    .map((layer): Step => {
      const held =
        layer.kind === 'wash-away-film' && wet
          ? 'wet its corners, or tape them, outside the field'
          : holesStay
            ? 'tape its corners outside the field'
            : 'tape or pin its corners outside the field'
      return { id: `top.${layer.kind}`, text: `Lay the ${nameOf(layer)} on top${sizeOf(layer)}; ${held}.` }
    })
}

const steps: Readonly<Record<HoldingMethod, (t: HoldingTask) => readonly Step[]>> = {
  hooped: () => [...ring, ...close, ...flat],
  floated: () => [...backingInHoop, ...floating],
  'backing-under': () => [...ring, ...close, ...flat, slideUnder],
  clamped: () => clamping,
  'backing-alone': () => [
    { id: 'alone', text: 'Hoop the backing alone, flat as a drum. Nothing else goes in the hoop.' },
    ...close,
  ],
}

const clothGrip = ({ layers = [] }: HoldingTask) => layers.find(({ role }) => role === 'cloth')?.grip

/**
 * What hands do to hold a piece, in order, and only what belongs to that way: what is put on the back first, then the hoop,
 * then what goes on top (craft.md section 3).
 *
 * @example holdingSteps({ method: 'clamped', closes: 'magnets', knit: true, tube: true }) // no screw among them
 */
export function holdingSteps(task: HoldingTask): HoldingStep[] {
  // A clamping hoop has no ring to close: what is hooped elsewhere is clamped there, and the other way round.
  const method = task.method === 'hooped' && task.closes === 'magnets' ? 'clamped' : task.method
  const t = { ...task, method: method === 'clamped' && task.closes !== 'magnets' ? ('hooped' as const) : method }
  const loose = t.method === 'backing-under' ? [] : onBack(t)
  return [...loose, ...steps[t.method](t), ...onTop(t)]
    .filter((step) => !step.when || step.when(t))
    .map(({ id, text, care }) => ({ id, text: typeof text === 'string' ? text : text(t), ...(care ? { care } : {}) }))
}
