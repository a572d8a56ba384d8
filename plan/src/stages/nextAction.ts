import { planning as t } from '@thimble/language/en/planning'
import type { Piece } from '@thimble/contract'
import { type LengthStyle } from '@thimble/core/lengths'
import { writeMessage } from '@thimble/language'
import { markedOf } from '../measure/placed'
import { DESIGN_MISSING, type MeasurePlan } from '../measure/planMeasure'
import { stopsOf } from '../measure/settled'
import { stageAt } from './stages'

/** What to do next, in words with its number, for the bench card. */
export function nextAction(piece: Piece, plan: MeasurePlan): string {
  const stage = stageAt(piece)
  const [stops] = stopsOf(piece, plan)
  if (stops) return writeMessage(stops.said, plan.style)
  if (stage === 'measure') return nextTape(plan)
  if (stage === 'build') return t('choose-the-layers')
  if (stage === 'hoop') return placedWords(piece, plan.style, plan) ?? t('choose-a-hoop')
  if (stage === 'stitch') {
    const done = Object.values(piece.stitch.checks).filter(Boolean).length
    return t('before-you-start-line-of', { done })
  }
  return t('finish-it-and-say-how')
}

function nextTape({ design, carried, assumed, placement, style }: MeasurePlan): string {
  if (design.missing) return DESIGN_MISSING
  if (design.assumed) return t('choose-the-design-or-enter')
  if (carried.size > 0) return t('measure-of-last-times-numbers', { size: carried.size })
  if (assumed.size > 0) return t('measure-number-still-typical-for', { size: assumed.size })
  return placement
    ? t('mark-it', { lowerFirst: lowerFirst(writeMessage(placement.placed, style)) })
    : t('check-the-measurements')
}

/** Where the design goes in one line: as decided, or as it stands. */
export function placedWords(piece: Piece, style: LengthStyle, plan: MeasurePlan): string | null {
  const { placed } = markedOf(piece.measure.kept, plan, {})
  return placed ? writeMessage(placed.placed, style) : null
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
