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
    if (isMoving(now)) refuse('Stop it before you change the bobbin.')
    return { ...now, bobbinM: order.woundM }
  }
  if (order.press === 'power-cut') return isMoving(now) ? withoutPower(now) : now
  if (order.press === 'stop')
    return now.state === 'stitching' ? { ...now, state: 'stopped', why: order.saw ?? 'asked' } : now
  if (isMoving(now)) refuse('It’s already moving.')
  if (now.state === 'parked') refuse('It has no design yet. Send one first.')
  const sewn = Math.max(0, Math.floor(now.sewn) - order.back)
  return order.press === 'park' ? { ...now, state: 'parked', why: null } : setGoing({ ...now, sewn }, order.press)
}

type Going = 'start' | 'threaded' | 'laid' | 'trimmed' | 'trace'

function setGoing(now: Memory, press: Going): Memory {
  if (press === 'trace')
    return now.state === 'hooped'
      ? { ...now, state: 'tracing', wait: TRACE_SECONDS }
      : refuse('Trace before you start.')
  if (now.why === 'end') refuse('All sewn.')
  if (now.why === 'bobbin-out' && now.bobbinM === 0) refuse('The bobbin is empty. Put in a fresh one first.')
  const awaited = { 'waiting-for-colour': 'threaded', lay: 'laid', trim: 'trimmed' } as const
  const asks = awaited[(now.state === 'stopped' ? now.why : now.state) as keyof typeof awaited]
  if (asks === undefined && press !== 'start') refuse('It isn’t waiting for that now.')
  if (asks !== undefined && press !== asks)
    refuse(asks === 'threaded' ? 'It’s waiting for the next thread.' : 'It’s waiting for you to lay or trim the cloth.')
  return { ...now, state: 'stitching', why: null, wait: 0, ready: asks ? now.ready + 1 : now.ready }
}

/** Its power is gone: what was reported is what it goes on from. */
export const withoutPower = (now: Memory): Memory => ({
  ...now,
  ...{ state: 'stopped', why: 'power', sewn: Math.floor(now.sewn), wait: 0 },
})
