import type { RunEventKind } from '@thimble/contract'

const names: Readonly<Record<RunEventKind, string>> = {
  started: 'Started',
  resumed: 'Went on',
  colour: 'Thread changed',
  laid: 'Cloth laid',
  trimmed: 'Cloth trimmed',
  stopped: 'Stopped',
  waiting: 'Waited for a thread',
  halt: 'Halted for the cloth',
  'thread-break': 'Thread broke',
  'needle-break': 'Needle broke',
  nest: 'Nest underneath',
  'bobbin-out': 'Bobbin ran out',
  power: 'Power gone',
  ended: 'All sewn',
  shift: 'Cloth shifted',
  bobbin: 'Fresh bobbin',
}
export const eventName = (kind: RunEventKind): string => names[kind]
