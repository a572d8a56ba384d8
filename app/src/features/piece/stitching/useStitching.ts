import type { RunEvent, RunEventKind } from '@thimble/contract'
import { MACHINE_OF_NO_NAME } from '@thimble/contract/sewingMachine'
import {
  bobbinBefore,
  bobbinNow,
  eventsOf,
  type StitchingProgress,
  stitchingProgress,
  type Sewing,
  sewingAtHand,
  stitchByClock,
} from '@thimble/plan/stitching'
import type { SewProgram } from '@thimble/core/sewing'
import { woundOnFresh } from '@thimble/plan/consumption'
import { useCallback, useMemo } from 'react'
import { create } from '@/sync/changes'
import { useDocs, useNamed } from '@/state/useShelfDocs'
import { plansOf, type PieceTools } from '../usePiece'
import { type MachineReport, useMachine } from './useMachine'
import { nanoid } from 'nanoid'

export type Stitching = {
  program: SewProgram
  sewing: Sewing
  events: RunEvent[]
  run: StitchingProgress
  machineId: string
  machine: ReturnType<typeof useMachine>
  /** The machine sews this very hooping. */
  linked: MachineReport | null
  /** The stitch at this moment, by the machine or by the clock. */
  stitchNow: () => number
  /** Notes what happened at the machine, at a stitch. */
  note: (kind: RunEventKind, stitch: number, bobbinM?: number | null) => void
  /** Metres on the bobbin at a stitch, what is needed from there on, and how much a fresh one holds; null: not known. */
  bobbinAt: (stitch: number) => ReturnType<typeof bobbinNow>
  freshM: number | null
}

/** What the hooping at hand sews; null while it is not known. */
export function useSewing({ piece, shelf }: PieceTools): Sewing | null {
  const threads = useNamed('threads')
  return useMemo(() => sewingAtHand(piece, plansOf(piece, shelf), { ...shelf, threads }), [piece, shelf, threads])
}

const MOST_BEHIND_MS = 5000

/** The run of the hooping at hand: its events, where it is this moment, and the machine that sews it. */
export function useStitching(tools: PieceTools, sewing: Sewing, withMachine: boolean): Stitching {
  const { piece, shelf } = tools
  const { program, group } = sewing
  const all = useDocs('runEvents')
  const events = useMemo(() => eventsOf(all, piece.id, group), [all, piece.id, group])
  const run = useMemo(() => stitchingProgress(events, program), [events, program])
  const machineId = plansOf(piece, shelf).hoop.machine.id ?? MACHINE_OF_NO_NAME
  const machine = useMachine(machineId, withMachine || run.by === 'machine')
  const { told } = machine
  const linked = told && sews(told, piece.id, group) ? told : null
  const stitchNow = useCallback((): number => {
    if (linked && run.by === 'machine') return byMachine(linked, program)
    return stitchByClock(run, program, Date.now(), sewing.changesItself)
  }, [linked, run, program, sewing.changesItself])
  const note = useCallback(
    (kind: RunEventKind, stitch: number, bobbinM: number | null = null): void => {
      const now = new Date().toISOString()
      create('runEvents', {
        ...{ id: nanoid(), name: piece.name, piece: piece.id, hooping: group, kind, stitch, bobbinM },
        ...{
          by: 'hand',
          machine: machineId === MACHINE_OF_NO_NAME ? null : machineId,
          note: '',
          pace: 1,
          atHand: true,
        },
        ...{ createdAt: now, updatedAt: now, revision: 0 },
      })
    },
    [piece.id, piece.name, group, machineId],
  )
  return {
    program,
    sewing,
    events,
    run,
    machineId,
    machine,
    linked,
    stitchNow,
    note,
    ...useBobbin(tools, machineId, run, program),
  }
}

/** What the bobbin holds along the run: of the machine's own, else as the stash has it. */
function useBobbin({ piece, shelf }: PieceTools, machineId: string, run: StitchingProgress, program: SewProgram) {
  const bobbins = useNamed('bobbins')
  const inMachine = shelf.machines.find(({ id }) => id === machineId)
  const advised = plansOf(piece, shelf).built.stack?.bobbin ?? null
  const freshM = woundOnFresh(inMachine ?? { bobbin: null }, advised, bobbins)
  const threads = useNamed('threads')
  const events = useDocs('runEvents')
  const before = useMemo(
    () =>
      inMachine &&
      bobbinBefore(piece, plansOf(piece, shelf), { ...shelf, threads }, inMachine, { events, group: piece.hoop.group }),
    [piece, shelf, threads, inMachine, events],
  )
  const begunWithM = before ?? freshM
  const bobbinAt = useCallback(
    (stitch: number) => bobbinNow(program, run, begunWithM, stitch),
    [program, run, begunWithM],
  )
  return { bobbinAt, freshM }
}

const sews = ({ now }: MachineReport, piece: string, group: number): boolean =>
  now.piece === piece && now.hooping === group && now.state !== 'parked'

/** As it last told, and on from there at its pace, no farther than the next halt. */
function byMachine({ now, at }: MachineReport, { blocks, stitches }: SewProgram): number {
  const passed = Math.min(MOST_BEHIND_MS, performance.now() - at) / 1000
  const halt = blocks.find(({ to, halt }) => to > now.stitch && halt)?.to ?? stitches
  return Math.floor(Math.min(halt, now.stitch + now.rate * passed))
}
