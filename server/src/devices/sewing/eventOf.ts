import type { RunEventKind } from '@thimble/contract'
import type { Memory } from './machineMemory'

export const stops: Readonly<Record<NonNullable<Memory['why']>, RunEventKind>> = {
  asked: 'stopped',
  end: 'ended',
  'thread-break': 'thread-break',
  'needle-strike': 'needle-break',
  nest: 'nest',
  'bobbin-out': 'bobbin-out',
  power: 'power',
  lay: 'halt',
  trim: 'halt',
}

/** What is to be told of a machine that came from one state to another; null: nothing that matters. */
export function eventOf(before: Memory, after: Memory): RunEventKind | null {
  if (before.state === after.state && before.why === after.why) return null
  if (after.state === 'stopped' && after.why) return stops[after.why]
  if (after.state === 'waiting-for-colour') return 'waiting'
  if (after.state !== 'stitching') return null
  if (before.state === 'waiting-for-colour') return 'colour'
  if (before.why === 'lay') return 'laid'
  if (before.why === 'trim') return 'trimmed'
  return before.told === 0 && before.sewn === 0 ? 'started' : 'resumed'
}
