import { papers as t } from '@thimble/language/en/papers'
import { SheetPaper } from './sheetPaper'

type SheetStep = {
  /** What is changed before it; null: nothing. */
  change: string | null
  name: string
  minutes: string
  says: string
  /** Where its code leads; null where no phone could follow. */
  address: string | null
}
type Box = { x: number; y: number; width: number; height: number }

/** A run as it stands on paper, machine by machine, then what is cut; all of it written out. */
export type BatchSheet = {
  title: string
  foot: string
  machines: readonly {
    name: string
    ready: string
    says: string
    steps: readonly SheetStep[]
    thread: readonly string[]
  }[]
  cuts: readonly {
    name: string
    rolls: readonly { says: string; wide: number; used: number; pieces: readonly Box[]; strips: readonly string[] }[]
    missing: readonly string[]
  }[]
}

const CODE = 20

/** A run on paper for the machine: each piece in its order with what is changed before it, what is cut, and thread. */
export async function batchSheetPdf({ title, foot, machines, cuts }: BatchSheet): Promise<Uint8Array> {
  const paper = await SheetPaper.open(title, foot)
  paper.words(title, { face: 'Heading', size: 8 })
  paper.gap(2)
  paper.tape()
  for (const machine of machines) writeMachine(paper, machine)
  if (cuts.length > 0) writeCuts(paper, cuts)
  return paper.bytes()
}

function writeMachine(paper: SheetPaper, { name, ready, says, steps, thread }: BatchSheet['machines'][number]): void {
  paper.heading(name)
  paper.words(ready, { face: 'TextBold', size: 5 })
  paper.words(says, { tone: 'inkSoft', size: 3.6 })
  paper.gap(3)
  steps.forEach((step, i) => writeStep(paper, step, i + 1))
  paper.gap(3)
  paper.heading(t('thread'), 5)
  for (const line of thread) paper.words(line, { size: 3.6 })
  paper.gap(4)
}

function writeStep(paper: SheetPaper, { change, name, minutes, says, address }: SheetStep, nth: number): void {
  if (change) paper.band(change)
  paper.need(address ? CODE + 4 : 14)
  const coded = address ? CODE + 4 : 0
  const wide = SheetPaper.wide - 34 - coded
  paper.tickBox(0)
  if (address) paper.code(address, SheetPaper.wide - CODE, CODE)
  paper.row([
    { text: `${nth}.  ${name}`, at: 8, wide, face: 'TextBold' },
    { text: minutes, at: 8 + wide, wide: 24, right: true },
  ])
  paper.row([{ text: says, at: 8, wide, size: 3.4, tone: 'inkSoft' }], { least: address ? CODE - 8 : 0 })
}

function writeCuts(paper: SheetPaper, cuts: BatchSheet['cuts']): void {
  paper.heading(t('cut-from-the-rolls'))
  paper.words(t('cut-strips-across-the-roll'), { tone: 'inkSoft', size: 3.6 })
  for (const { name, rolls, missing } of cuts) {
    paper.gap(2)
    paper.need(30)
    paper.words(name, { face: 'TextBold' })
    for (const { says, wide, used, pieces, strips } of rolls) {
      paper.words(says, { size: 3.6 })
      paper.cuts(wide, Math.max(used, 1), pieces)
      for (const strip of strips) paper.words(strip, { size: 3.4 })
    }
    for (const one of missing) paper.words(one, { tone: 'madder', size: 3.6 })
  }
}
