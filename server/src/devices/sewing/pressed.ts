import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { MachineCommand } from '@thimble/contract/sewingMachine'
import { CoreError } from '@thimble/core/errors'
import type { Memory } from './machineMemory'

const isMoving = ({ state }: Memory): boolean => state === 'stitching' || state === 'tracing'
/** How long it walks round a design. */
const TRACE_SECONDS = 12

const refuse = (says: string): never => {
  throw new CoreError('refused', says)
}

/** The machine after something was pressed at it. @throws CoreError('refused') where it does not do that now */
export function pressed(now: Memory, order: MachineCommand): Memory {
  if (order.press === 'pace') return { ...now, pace: order.pace }
  if (order.press === 'bobbin') {
    if (isMoving(now)) refuse(t('stop-it-before-you-change'))
    return { ...now, bobbinM: order.woundM }
  }
  if (order.press === 'power-cut') return isMoving(now) ? withoutPower(now) : now
  if (order.press === 'stop')
    return now.state === 'stitching' ? { ...now, state: 'stopped', why: order.saw ?? 'asked' } : now
  if (isMoving(now)) refuse(t('its-already-moving'))
  if (now.state === 'parked') refuse(t('it-has-no-design-yet'))
  const sewn = Math.max(0, Math.floor(now.sewn) - order.back)
  return order.press === 'park' ? { ...now, state: 'parked', why: null } : setGoing({ ...now, sewn }, order.press)
}

type Going = 'start' | 'threaded' | 'laid' | 'trimmed' | 'trace'

function setGoing(now: Memory, press: Going): Memory {
  if (press === 'trace')
    return now.state === 'hooped'
      ? { ...now, state: 'tracing', wait: TRACE_SECONDS }
      : refuse(t('trace-before-you-start'))
  if (now.why === 'end') refuse(t('all-sewn'))
  if (now.why === 'bobbin-out' && now.bobbinM === 0) refuse(t('the-bobbin-is-empty-put'))
  const awaited = { 'waiting-for-colour': 'threaded', lay: 'laid', trim: 'trimmed' } as const
  const asks = awaited[(now.state === 'stopped' ? now.why : now.state) as keyof typeof awaited]
  if (asks === undefined && press !== 'start') refuse(t('it-isnt-waiting-for-that'))
  if (asks !== undefined && press !== asks)
    refuse(asks === 'threaded' ? t('its-waiting-for-the-next') : t('its-waiting-for-you-to'))
  return { ...now, state: 'stitching', why: null, wait: 0, ready: asks ? now.ready + 1 : now.ready }
}

/** Its power is gone: what was reported is what it goes on from. */
export const withoutPower = (now: Memory): Memory => ({
  ...now,
  ...{ state: 'stopped', why: 'power', sewn: Math.floor(now.sewn), wait: 0 },
})
