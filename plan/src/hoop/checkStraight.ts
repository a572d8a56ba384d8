import { problemText } from '@thimble/language'
import { planning as t } from '@thimble/language/en/planning'
import { message } from '@thimble/core/messages'
import type { HoopTry, Piece } from '@thimble/contract'
import { type Advice, stop } from '@thimble/core/advice'
import { CoreError } from '@thimble/core/errors'
import {
  type Correction,
  cornerFromEdges,
  type CorrectionQuery,
  correctHooping,
  type FoundCorner,
  roomInHoop,
  type Slack,
} from '@thimble/core/hooping'
import { applyPose, boxOf, composePose, inversePose, type Point, type Pose, rotatePoint } from '@thimble/core/plane'
import type { Shelf } from '../shelf'
import type { Marked } from '../measure/placed'
import { readSigned } from '../measure/readTyped'
import { recipeInput } from '../stack/recipeInput'
import { stepsOf } from './benchMachine'
import { dialMove, type Move } from './dialMove'
import { type HoopingAtHand, hoopingAtHand } from './hoopingAtHand'
import { sourceOf } from './hoopSource'
import type { HoopPlan } from './planHoop'

/** Something looked for in the hoop: where it would lie if it were hooped as planned, and where it was found. */
export type Sought = { id: string; name: string; planned: Point; expected: Point; landed: Point | null }

/** What the hooping at hand comes to, by what was found of it; `problem`: a sentence about what was entered. */
export type StraightCheck = {
  at: HoopingAtHand
  sought: Sought[]
  problems: Readonly<Record<string, string>>
  problem: string | null
  correction: Correction | null
  warnings: Advice[]
  corner: FoundCorner | null
  move: Move | null
  /** Whether it fits once it is dialled, and with what room. */
  fits: boolean
  slack: Slack
  /** Whether the piece has a corner by which it may be looked at. */
  hasCorner: boolean
}

type StraightCheckInput = Pick<Shelf, 'shop' | 'hoops'> & {
  piece: Pick<Piece, 'item' | 'measure' | 'build' | 'hoop'>
  marked: Marked
  plan: HoopPlan
}

const NONE: Slack = { left: 0, right: 0, up: 0, down: 0 }
/** Nearer to each other than this two marks say no more than one. */
const ONE = 6
const MOST_MARKS = 5

/** Check alignment: from where the marks, or the edges of a corner, landed on the hoop's grid. Null without a hoop. */
export function checkStraight(ask: StraightCheckInput): StraightCheck | null {
  const { piece, plan, marked } = ask
  const at = hoopingAtHand(piece, plan, marked)
  if (!at) return null
  const corner = cornerNear(marked, at.target)
  const byEdges = piece.hoop.look === 'edges' && corner !== null
  const places = byEdges ? edgePlaces(corner) : markPlaces(at)
  const problems: Record<string, string> = {}
  const frame = composePose(at.pose, inversePose(at.target))
  const sought = places.map(
    (place): Sought => ({
      ...place,
      expected: applyPose(frame, place.planned),
      landed: readLanded(ask, place.id, at, problems),
    }),
  )
  const seen = { at, sought, problems, hasCorner: corner !== null }
  const nothing = {
    ...seen,
    problem: null,
    correction: null,
    warnings: [],
    corner: null,
    move: null,
    fits: false,
    slack: NONE,
  }
  try {
    return byEdges ? (byCorner(ask, seen, corner, frame) ?? nothing) : (byMarks(ask, seen) ?? nothing)
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return { ...nothing, problem: problemText(error) }
  }
}

type Place = { id: string; name: string; planned: Point }
type Seen = Pick<StraightCheck, 'at' | 'sought' | 'problems' | 'hasCorner'>

const markNames: Readonly<Record<string, string>> = {
  cross: t('the-cross'),
  'dot-left': t('the-left-dot'),
  'dot-right': t('the-right-dot'),
  'dot-up': t('the-upper-dot'),
  'dot-down': t('the-lower-dot'),
}

function markPlaces({ marks, copies }: HoopingAtHand): Place[] {
  const many = copies.to > copies.from
  const named = marks
    .filter((mark) => mark.kind !== 'arrow')
    .map(({ id, at, copy }) => ({
      id,
      planned: at,
      name: many ? t('cross', { copy: copy + 1 }) : (markNames[id] ?? id),
    }))
  const apart = named.filter((one, i) =>
    named.slice(0, i).every((o) => Math.hypot(o.planned.x - one.planned.x, o.planned.y - one.planned.y) > ONE),
  )
  return apart.length <= MOST_MARKS ? apart : [...apart.slice(0, MOST_MARKS - 1), apart.at(-1)!]
}

/** A corner of a straight-edged piece near the design: where it is, and how far along its hems is looked at. */
type Corner = { at: Point; level: Point; upright: Point; near: number; far: number }

function cornerNear({ placed }: Marked, target: Pose): Corner | null {
  if (!placed || placed.item.tube || placed.item.outline.length !== 4 || placed.row) return null
  const { left, right, top, bottom } = boxOf(placed.item.outline)
  const nearer = (a: number, b: number, to: number): number => (Math.abs(a - to) <= Math.abs(b - to) ? a : b)
  const at = { x: nearer(left, right, target.x), y: nearer(top, bottom, target.y) }
  if (Math.hypot(at.x - target.x, at.y - target.y) > 320) return null
  const [inX, inY] = [at.x === left ? 1 : -1, at.y === top ? 1 : -1]
  const along = Math.min(60, (right - left) / 3, (bottom - top) / 3)
  return { at, level: { x: inX, y: 0 }, upright: { x: 0, y: inY }, near: along * 0.2, far: along }
}

const edgeIds = ['edge-level-1', 'edge-level-2', 'edge-upright-1', 'edge-upright-2'] as const

function edgePlaces({ at, level, upright, near, far }: Corner): Place[] {
  const along = (way: Point, mm: number): Point => ({ x: at.x + way.x * mm, y: at.y + way.y * mm })
  const [a, b] = level.x > 0 ? [near, far] : [far, near]
  return [
    { id: edgeIds[0], name: t('the-level-hem-at-its'), planned: along(level, a) },
    { id: edgeIds[1], name: t('the-level-hem-at-its-2'), planned: along(level, b) },
    { id: edgeIds[2], name: t('the-upright-hem-near-the'), planned: along(upright, near) },
    { id: edgeIds[3], name: t('the-upright-hem-farther-on'), planned: along(upright, far) },
  ]
}

/** Counted from where the notches cross, as a hand reads the hoop's grid. */
function readLanded(
  { piece, shop }: StraightCheckInput,
  id: string,
  { hoop }: HoopingAtHand,
  problems: Record<string, string>,
): Point | null {
  const typed = piece.hoop.landed[id]
  if (!typed || (typed.right.trim() === '' && typed.down.trim() === '')) return null
  const [right, down] = [
    readSigned({ text: typed.right, unit: shop.unit }),
    readSigned({ text: typed.down, unit: shop.unit }),
  ]
  if (right.problem) problems[`${id}.right`] = right.problem
  if (down.problem) problems[`${id}.down`] = down.problem
  if (right.mm === null || down.mm === null) return null
  return { x: right.mm + (hoop.notchOffset?.x ?? 0), y: down.mm + (hoop.notchOffset?.y ?? 0) }
}

function byMarks(ask: StraightCheckInput, seen: Seen): StraightCheck | null {
  const found = seen.sought.filter((one): one is Sought & { landed: Point } => one.landed !== null)
  if (found.length < 2) return null
  return answer(ask, seen, {
    planned: found.map((one) => one.planned),
    measured: found.map((one) => one.landed),
    names: found.map((one) => one.name),
  })
}

/** Corner and the direction of its level hem serve as marks. */
function byCorner(ask: StraightCheckInput, seen: Seen, { at, level }: Corner, frame: Pose): StraightCheck | null {
  const landed = seen.sought.map((one) => one.landed)
  if (landed.some((p) => p === null)) return null
  const [a1, a2, b1, b2] = landed as [Point, Point, Point, Point]
  const corner = cornerFromEdges({ a: [a1, a2], b: [b1, b2] })
  // Its points may have been taken the other way round: the hem runs as it was meant to, within a quarter turn.
  const astray = Math.abs(angle(corner.turn - frame.rotation)) > 90
  const turn = astray ? corner.turn + 180 : corner.turn
  const step = { x: 100 * Math.sign(level.x), y: 0 }
  const along = rotatePoint(step, turn)
  const warnings =
    corner.square > 2
      ? [stop('not-square', message('check.not-square', { off: Math.round(corner.square * 10) / 10 }))]
      : []
  const found = answer(ask, seen, {
    planned: [at, { x: at.x + step.x, y: at.y }],
    measured: [corner.corner, { x: corner.corner.x + along.x, y: corner.corner.y + along.y }],
    names: [t('the-corner'), t('the-hem')],
  })
  return { ...found, corner, warnings: [...warnings, ...found.warnings] }
}

const angle = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180

function answer(
  ask: StraightCheckInput,
  seen: Seen,
  marks: Pick<CorrectionQuery, 'planned' | 'measured' | 'names'>,
): StraightCheck {
  const { piece, marked, plan, shop, hoops } = ask
  const { at } = seen
  const { stretchPercent } = recipeInput(piece, marked.design, shop).cloth
  const correction = correctHooping({
    ...marks,
    target: at.target,
    hull: at.hull,
    field: at.hoop.field,
    stretchy: stretchPercent > 10,
    machine: stepsOf(plan.machine),
    ...(at.groups === 1 && marked.design.parts.length > 1
      ? { parts: marked.design.parts.map((part, i) => ({ ...part, id: String(i) })) }
      : {}),
    shelf: hoops.filter((h) => h.id !== at.hoop.id).map(sourceOf),
    style: { unit: shop.unit, fraction: shop.fraction },
  })
  const round = Math.abs(angle(correction.exact.rotation - at.pose.rotation))
  const warnings = round > 60 ? [stop('other-way-up', message('check.other-way-up', { off: Math.round(round) }))] : []
  const move = dialMove({ piece, marked, machine: plan.machine, at }, correction.exact)
  const { fits, slack } = roomInHoop({ hull: at.hull, field: at.hoop.field, pose: move.pose })
  return {
    ...seen,
    problem: null,
    correction,
    warnings: [...warnings, ...correction.warnings],
    corner: null,
    move,
    fits,
    slack,
  }
}

/** The hooping as it was found, to be kept with the piece. */
export function tryOf(
  { at, sought, correction, move }: StraightCheck,
  { hoop }: Pick<Piece, 'hoop'>,
  then: HoopTry['then'],
  now: string,
): HoopTry | null {
  if (!correction || !move) return null
  const { exact, fitsExact, rms, stretch } = correction
  const landed = sought.flatMap((one) => (one.landed ? [[one.id, one.landed] as const] : []))
  return {
    ...{ at: now, group: at.group, way: hoop.look, landed: Object.fromEntries(landed), then },
    ...{ exact, dialled: move.pose, edgeError: move.left, fits: fitsExact, rms, stretch, scale: hoop.scale },
    minutes: minutesSince(hoop, now),
  }
}

/** Past this it was not one hooping that took so long. */
const LONG = 90

function minutesSince({ kept, tries }: Piece['hoop'], now: string): number | null {
  const before = [...Object.values(tries).map((one) => one.at), ...kept.map((one) => one.at)].sort().at(-1)
  if (!before) return null
  const minutes = (Date.parse(now) - Date.parse(before)) / 60_000
  return minutes >= 0 && minutes <= LONG ? Math.round(minutes * 10) / 10 : null
}

/** Tries of the piece in the order they were made. */
export const triesOf = ({ hoop }: Pick<Piece, 'hoop'>): HoopTry[] =>
  Object.values(hoop.tries).sort((a, b) => a.at.localeCompare(b.at))
