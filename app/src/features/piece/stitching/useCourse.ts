import type { MachineCommandInput } from '@thimble/contract/sewingMachine'
import { blockAt } from '@thimble/core/sewing'
import { jobOf } from '@thimble/plan/stitching'
import { useDocuments } from '@/state/store'
import { useTask } from '@/ui/useTask'
import type { PieceTools } from '../usePiece'
import type { Stitching } from './useStitching'

export type Who = 'hand' | 'machine'
/** What can be done at the machine, for a hand's run noted and for the stand-in pressed. */
export type Course = {
  start: () => void
  /** The stand-in walks round the design before it is sewn; null: a hand does that at its own machine. */
  trace: (() => void) | null
  /** Goes on from where it stands, `back` stitches before that; `from`: where the machine’s own count says it is. */
  goOn: (back?: number, from?: number) => void
  /** The next thread is on, the cloth is laid or trimmed. */
  ready: (kind: 'colour' | 'laid' | 'trimmed') => void
  stop: () => void
  /** Something went wrong, and the needle stands. */
  broke: (kind: Broken) => void
  shifted: () => void
  freshBobbin: () => void
  allSewn: () => void
  cutPower: () => void
  setPace: (pace: number) => void
  busy: boolean
  problem: string | null
}

type Broken = 'thread-break' | 'needle-break' | 'nest'
/** As the machine has it. */
const sawOf = { 'thread-break': 'thread-break', 'needle-break': 'needle-strike', nest: 'nest' } as const
const pressOf = { colour: 'threaded', laid: 'laid', trimmed: 'trimmed' } as const

/** The course of a run: the same taps, whether they are noted by hand or pressed at the stand-in. */
export function useCourse(tools: PieceTools, run: Stitching, who: Who): Course {
  const { busy, problem, run: task } = useTask()
  const { piece, marked } = tools
  const { designId } = piece.measure
  const card = useDocuments((s) => (designId ? s.docs.designs[designId] : undefined)) ?? null
  const { note, stitchNow, machine, program, sewing } = run
  const linked = run.run.state === 'ready' ? who === 'machine' : run.run.by === 'machine'
  const press = (...orders: MachineCommandInput[]): void =>
    void task(async () => {
      for (const order of orders) await machine.press(order)
    })
  const load = async (from: number): Promise<void> => {
    const bobbinM = run.bobbinAt(from)?.left ?? null
    const job = jobOf(piece, marked, sewing, { card, bobbinM, from })
    if (!job) throw new Error('The practice machine needs a hoop. Choose one in Hoop.')
    await machine.load(job)
  }
  const start = (): void => {
    if (!linked) return note('started', 0)
    void task(async () => {
      await load(0)
      await machine.press({ press: 'start' })
    })
  }
  const trace = (): void =>
    void task(async () => {
      await load(0)
      await machine.press({ press: 'trace' })
    })
  const goOn = (back = 0, from = run.run.stitch): void => {
    if (!linked) return note('resumed', Math.max(0, from - back))
    void task(async () => {
      // Something else was on the machine meanwhile, or its memory is another shop's.
      if (!run.linked) await load(Math.max(0, from - back))
      await machine.press({ press: 'start', back: run.linked ? back : 0 })
    })
  }
  return {
    ...{ start, goOn, problem, trace: linked ? trace : null },
    // Nothing is pressed at a machine before it has told how it stands.
    busy: busy || (linked && machine.told === null),
    ready: (kind) => {
      if (!linked) return note(kind, endOf(run, stitchNow()))
      // Given again it goes on with the block that begins here, which is as ready as that.
      return run.linked ? press({ press: pressOf[kind] }) : goOn()
    },
    stop: () => (linked ? press({ press: 'stop' }) : note('stopped', stitchNow())),
    broke: (kind) => (linked ? press({ press: 'stop', saw: sawOf[kind] }) : note(kind, stitchNow())),
    shifted: () => note('shift', stitchNow()),
    freshBobbin: () =>
      linked ? press({ press: 'bobbin', woundM: run.freshM }) : note('bobbin', stitchNow(), run.freshM),
    allSewn: () => note('ended', program.stitches),
    cutPower: () => press({ press: 'power-cut' }),
    setPace: (pace) => press({ press: 'pace', pace: pace as 1 }),
  }
}

/** By hand the clock may be a little behind the machine: what was made ready is what comes after the next halt. */
function endOf({ program, run }: Stitching, stitch: number): number {
  const at = program.blocks.find((block, i) => block.halt && block.to >= stitch && i >= run.ready)
  return at?.to ?? program.blocks[blockAt(program, stitch)]!.to
}
