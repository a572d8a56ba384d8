import { things as t } from '@thimble/language/en/things'
import type { RunEventKind } from '@thimble/contract'

const names: Readonly<Record<RunEventKind, string>> = {
  started: t('started'),
  resumed: t('went-on'),
  colour: t('thread-changed'),
  laid: t('cloth-laid'),
  trimmed: t('cloth-trimmed'),
  stopped: t('stopped'),
  waiting: t('waited-for-a-thread'),
  halt: t('halted-for-the-cloth'),
  'thread-break': t('thread-broke'),
  'needle-break': t('needle-broke'),
  nest: t('nest-underneath'),
  'bobbin-out': t('bobbin-ran-out'),
  power: t('power-gone'),
  ended: t('all-sewn'),
  shift: t('cloth-shifted'),
  bobbin: t('fresh-bobbin'),
}
export const eventName = (kind: RunEventKind): string => names[kind]
