import { type Behind, type Message, message, type Named } from '../messages'
import type { HoldingMethod } from '../recipe/recipeQuery'
import type { Layer } from '../recipe/stack'

/**
 * How the hoop closes and what is held in it; `layers`: the stack from top to bottom, whose own steps are said when they are
 * due; `holesStay`: no pin and no basting; `wet`: a film's corners may be wetted; `notches`: where they go from the cross,
 * where the hoop does not sit on the mark.
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
  notches?: Named
}

/** One thing hands do; `care`: what may hurt, with what decides. */
type HoldingStep = { id: string; said: Message; care?: Message }
type StepId = Behind<'holding-step'>

/** Without `says` it is the sentence of its id. */
type Step = {
  care?: Behind<'holding-care'>
  when?: (t: HoldingTask) => boolean
} & ({ id: StepId; says?: (t: HoldingTask) => Message } | { id: string; says: (t: HoldingTask) => Message })

const backings = ({ layers = [] }: HoldingTask): Layer[] => layers.filter(({ role }) => role === 'backing')
const isSticky = ({ kind }: Layer): boolean => kind.endsWith('-sticky')
const stickyInRing = (t: HoldingTask): boolean => backings(t).some((one) => isSticky(one) && one.grip === 'in-ring')
/** A layer as it is laid: its name, and its size where it is cut. */
const cutOf = ({ kind, piece }: Layer): Named =>
  piece
    ? message('layer-cut', {
        ...{ layer: `layer.${kind}`, wide: Math.round(piece.widthMm), high: Math.round(piece.heightMm) },
      })
    : `layer.${kind}`

/** What is put on the cloth's back before anything is hooped. */
function onBack(t: HoldingTask): Step[] {
  return backings(t).flatMap((layer): Step[] => {
    const id = layer.kind
    if (layer.grip === 'fused')
      return [
        {
          id: `fuse.${id}`,
          says: () => message('holding-step.fuse', { layer: cutOf(layer) }),
          care: 'iron',
        },
      ]
    if (layer.grip === 'sprayed')
      return [
        {
          id: `spray.${id}`,
          says: () => message('holding-step.spray-on', { layer: cutOf(layer) }),
          care: 'spray',
        },
      ]
    return []
  })
}

/** Too narrow for a hoop inside it: a seam is opened, so that one layer lies flat. */
const oneLayer: Step = {
  id: 'one-layer',
  care: 'seam-ripper',
  when: (t) => t.tube && t.narrow === true,
}

const ring: readonly Step[] = [
  oneLayer,
  {
    id: 'peel-first',
    when: (t) => t.method === 'hooped' && stickyInRing(t),
  },
  {
    id: 'lower-inside',
    when: (t) => t.tube && !t.narrow,
  },
  {
    id: 'lower-under',
    says: (t) => message(t.method === 'backing-under' ? 'holding-step.lower-under.bare' : 'holding-step.lower-under'),
    when: (t) => !t.tube || t.narrow === true,
  },
  {
    id: 'inner-round',
    says: ({ notches }) =>
      notches ? message('holding-step.inner-round.off', { notches }) : message('holding-step.inner-round'),
  },
  { id: 'top-first' },
]
const close: readonly Step[] = [
  {
    id: 'screw',
    when: (t) => t.closes === 'screw',
  },
  {
    id: 'lever',
    when: (t) => t.closes === 'lever',
  },
  { id: 'frame', when: (t) => t.closes === 'frame' },
  {
    id: 'past-flush',
    when: (t) => t.closes === 'screw' || t.closes === 'lever',
  },
]
const flat: readonly Step[] = [
  {
    id: 'knit',
    when: (t) => t.knit,
  },
  { id: 'woven', when: (t) => !t.knit },
]
/** The backing alone in the hoop, however that closes. */
const backingInHoop: readonly Step[] = [
  { id: 'paper-up', when: stickyInRing },
  { id: 'hoop-backing', when: (t) => !stickyInRing(t) },
  {
    id: 'magnets',
    care: 'magnets',
    when: (t) => t.closes === 'magnets',
  },
  ...close,
  {
    id: 'score',
    care: 'score',
    when: stickyInRing,
  },
]
const floating: readonly Step[] = [
  {
    id: 'spray',
    care: 'spray',
    when: (t) => clothGrip(t) === 'sprayed' && !stickyInRing(t),
  },
  { id: 'cross-hair' },
  {
    id: 'over-hoop',
    when: (t) => t.tube && !t.narrow,
  },
  oneLayer,
  {
    id: 'lay-on',
    says: ({ notches }) => (notches ? message('holding-step.lay-on.off', { notches }) : message('holding-step.lay-on')),
  },
  { id: 'baste', care: 'pins', when: (t) => !t.holesStay },
  {
    id: 'tape',
    when: (t) => t.holesStay === true,
  },
]
const clamping: readonly Step[] = [
  oneLayer,
  { id: 'clamp-under' },
  {
    id: 'clamp-marks',
    says: ({ notches }) =>
      notches ? message('holding-step.clamp-marks.off', { notches }) : message('holding-step.clamp-marks'),
  },
  {
    id: 'clamp-down',
    care: 'magnets',
  },
  { id: 'clamp-feel' },
]
const slideUnder: Step = {
  id: 'slide-under',
  says: (t) => {
    const [layer] = backings(t)
    if (!layer) return message('holding-step.slide-under')
    const named = { layer: `layer.${layer.kind}` }
    const { piece } = layer
    if (!piece) return message('holding-step.slide-under.layer', named)
    return message('holding-step.slide-under.cut', {
      ...{ ...named, wide: Math.round(piece.widthMm), high: Math.round(piece.heightMm) },
    })
  },
}

/** Each topping has its way of being held; it comes last. */
function onTop({ layers = [], wet, holesStay }: HoldingTask): Step[] {
  return layers
    .filter(({ role }) => role === 'topping')
    .map((layer): Step => {
      const held =
        layer.kind === 'wash-away-film' && wet
          ? 'holding-step.top-wet'
          : holesStay
            ? 'holding-step.top-taped'
            : 'holding-step.top'
      return { id: `top.${layer.kind}`, says: () => message(held, { layer: cutOf(layer) }) }
    })
}

const steps: Readonly<Record<HoldingMethod, (t: HoldingTask) => readonly Step[]>> = {
  hooped: () => [...ring, ...close, ...flat],
  floated: () => [...backingInHoop, ...floating],
  'backing-under': () => [...ring, ...close, ...flat, slideUnder],
  clamped: () => clamping,
  'backing-alone': () => [{ id: 'alone' }, ...close],
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
    .map(({ id, says, care }) => ({
      ...{ id, said: says?.(t) ?? ([`holding-step.${id}`] as const) },
      ...(care ? { care: [`holding-care.${care}`] as const } : {}),
    }))
}
