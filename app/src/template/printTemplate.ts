import { papers as t } from '@thimble/language/en/papers'
import { labelOf, writeMessage, writeName } from '@thimble/language'
import type { Marked, MeasurePlan, PieceDesign } from '@thimble/plan'
import type { PaperId } from '@thimble/core/template'
import { Asset } from 'expo-asset'
import { dateText } from '@/words/dates'
import type { Piece } from '@thimble/contract'
import { type Handed, shareFile } from '@/shared/shareFile'
import { fontFiles } from '@/theme/fonts'

type Printed = { piece: Piece; plan: MeasurePlan; marked: Marked }

/** The piece's true-size paper template, with where its cross goes. */
export function printTemplate({ piece, plan, marked }: Printed, paper: PaperId, now: Date): Promise<Handed> {
  const { write, placement, style } = plan
  const { design, placed } = marked
  const lines = [
    `${design.name ?? t('design-by-its-size')}. ${placed ? writeMessage(placed.placed, style) : ''}`,
    ...(marked.decided ? [] : (placement?.distances.map((d) => `${labelOf(d.name)}: ${write(d.mm)}`) ?? [])),
  ]
  const title = `${piece.name}, ${writeName(plan.rule.name).toLowerCase()}`
  return saveTemplate({ title, lines, design, write, upIs: writeName(plan.rule.upIs), paper }, now)
}

type TemplateJob = {
  title: string
  lines: string[]
  design: Pick<PieceDesign, 'width' | 'height' | 'hull' | 'sketch'>
  write: (mm: number) => string
  upIs: string
  paper: PaperId
}

/** Makes a template and hands it on as a file. */
export async function saveTemplate({ design, write, lines, ...job }: TemplateJob, now: Date): Promise<Handed> {
  // The printing parts are large and seldom wanted, so they come only when asked for.
  const [{ templatePages }, { pdfs }] = await Promise.all([import('@thimble/core/template'), import('./pdfs')])
  const template = templatePages({
    ...job,
    lines: [...lines, t('made-with-zealous-thimble-2', { date: dateText(now) })],
    design: { width: design.width, height: design.height, outline: design.hull, drawing: drawnLines(design.sketch) },
    sizes: { width: write(design.width), height: write(design.height) },
  })
  const font = await (await fetch(Asset.fromModule(fontFiles.Text).uri)).arrayBuffer()
  const bytes = await pdfs.templatePdf(template, font, job.title)
  return shareFile(`${job.title}-template`, bytes as BlobPart)
}

const pointsOf = (flat: readonly number[]) =>
  Array.from({ length: flat.length / 2 }, (_, i) => ({ x: flat[2 * i]!, y: flat[2 * i + 1]! }))

/** The design's outlines and lines, all colours, as they go on paper. */
const drawnLines = (sketch: PieceDesign['sketch']) =>
  (sketch ?? []).flatMap(({ areas, lines }) => [
    ...areas.map((area) => ({ points: pointsOf(area), closed: true })),
    ...lines.map((line) => ({ points: pointsOf(line), closed: false })),
  ])
