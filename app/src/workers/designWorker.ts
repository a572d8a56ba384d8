import { expose, transfer } from 'comlink'
import { type CuttingFile, cuttingFile } from '@thimble/core/design/cuttingFile'
import type { Design } from '@thimble/core/design/design'
import { type DesignStats, designStats } from '@thimble/core/design/designStats'
import { type GroupLayout, groupDesigns, layGroup } from '@thimble/core/design/edit/groupDesigns'
import type { LoadGrid } from '@thimble/core/design/loadGrid'
import { type PackedDesign, packDesign, unpackDesign } from '@thimble/core/design/packDesign'
import { type ColourOrder, planColourOrder } from '@thimble/core/design/planColourOrder'
import { type SummarisedDesign, summariseDesign } from '@thimble/core/design/summariseDesign'
import { writeDesignSvg } from '@thimble/core/design/writeDesignSvg'
import { writeStitchCsv } from '@thimble/core/design/writeStitchCsv'
import type { Point } from '@thimble/core/plane/point'
import { threadUse, type ThreadUse } from '@thimble/core/thread/threadUse'
import { readTypeface, setWording, type Typeface, type WordingRequest } from '@thimble/core/wording/setWording'
import { inkOf, type BlockInk } from './blockInk'
import { keepDrawing, keptDrawing } from './drawingStore'
import { edited, type Edits, readDesignFile, type ReadFile } from './readDesignFile'

/** A design opened on the screen: what is drawn, what was measured. */
export type OpenedDesign = {
  design: SummarisedDesign
  ink: BlockInk[]
  grid: LoadGrid | null
  thread: ThreadUse
}

/** Designs to be made one: how they lie, and how far each is moved from there. */
type GroupRequest = { parts: { id: string; edits: Edits }[]; layout: GroupLayout; gap: number; shifts: Point[] }

/** What a stack is taken to be thick while no cloth is chosen. */
const USUAL_STACK_MM = 1

const opened = new Map<string, Design>()
const typefaces = new Map<string, Typeface>()

/** Errors cross to the screen by their message alone. */
async function drawingOf(id: string): Promise<Design> {
  const known = opened.get(id)
  if (known) return known
  const kept = await keptDrawing(id)
  const packed = kept ? (JSON.parse(kept) as PackedDesign) : await fetched(id)
  const design = unpackDesign(packed)
  opened.clear()
  opened.set(id, design)
  return design
}

async function fetched(id: string): Promise<PackedDesign> {
  const answer = await fetch(`/api/v1/designs/${id}/drawing`).catch(() => null)
  if (!answer) throw new Error('The drawing is not on this device, and the server is away.')
  if (!answer.ok) throw new Error('The drawing of this design has not come here yet.')
  const packed = (await answer.json()) as PackedDesign
  await keepDrawing(id, packed).catch(() => undefined)
  return packed
}

/** Keeps a new drawing on this device and measures it. */
async function taken(id: string, design: Design): Promise<SummarisedDesign> {
  await keepDrawing(id, packDesign(design))
  return summariseDesign(design)
}

const desk = {
  /** Reads a file and keeps its drawing under `id`; nothing is kept of a file that cannot be read. */
  async read(
    file: File,
    id: string,
    dropBackground: boolean,
  ): Promise<Omit<ReadFile, 'drawing' | 'summary'> & { summary: ReadFile['summary'] | null }> {
    const start = performance.now()
    const { drawing, ...known } = readDesignFile(file.name, new Uint8Array(await file.arrayBuffer()), dropBackground)
    performance.measure('read and measured', { start })
    opened.delete(id)
    if (drawing) await keepDrawing(id, drawing)
    return known
  },

  async open(id: string, edits: Edits): Promise<OpenedDesign> {
    const design = edited(await drawingOf(id), edits)
    const stats: DesignStats = designStats(design)
    const ink = design.blocks.map(inkOf)
    const answer = {
      design: summariseDesign(design, stats),
      ink,
      grid: stats.grid,
      thread: threadUse({ design: stats, stackThickness: USUAL_STACK_MM }),
    }
    return transfer(
      answer,
      ink.flatMap((block) => [block.points.buffer, block.starts.buffer]),
    )
  },

  async summary(id: string, edits: Edits): Promise<SummarisedDesign> {
    return summariseDesign(edited(await drawingOf(id), edits))
  },

  /** The order with the fewest changes, in the blocks' numbers as drawn. */
  async order(id: string, edits: Edits): Promise<ColourOrder> {
    const drawn = await drawingOf(id)
    const asDrawn = edited(drawn, { ...edits, order: null, colours: coloursAsDrawn(drawn, edits) })
    return planColourOrder(asDrawn.blocks.map((block) => ({ ...block, stitches: block.stitches ?? [] })))
  },

  async write(id: string, edits: Edits, format: 'csv' | 'svg'): Promise<string> {
    const design = edited(await drawingOf(id), edits)
    return format === 'csv' ? writeStitchCsv(design) : writeDesignSvg(design)
  },

  async packed(id: string): Promise<string> {
    return JSON.stringify(packDesign(await drawingOf(id)))
  },

  async cutting(
    id: string,
    edits: Edits,
    q: { block: number; overlap: number; count: number; clothWidth: number },
  ): Promise<CuttingFile> {
    const design = edited(await drawingOf(id), edits)
    return cuttingFile({ ...q, block: design.blocks[q.block]! })
  },

  async group({ parts, layout, gap, shifts }: GroupRequest, newId: string | null): Promise<OpenedDesign> {
    const designs = []
    for (const part of parts) designs.push(edited(await drawingOf(part.id), part.edits))
    return shown(groupDesigns(layGroup(designs, layout, gap, shifts)), newId)
  },

  async wording(
    q: WordingRequest,
    font: string,
    newId: string | null,
  ): Promise<OpenedDesign & { smallestLetterMm: number }> {
    const face = typefaces.get(font) ?? readTypeface(await (await fetch(font)).arrayBuffer())
    typefaces.set(font, face)
    const { design, smallestLetterMm } = setWording(face, q)
    return { ...(await shown(design, newId)), smallestLetterMm }
  },

  /** The colours of the blocks as they were read. */
  async drawnColours(id: string): Promise<string[]> {
    return (await drawingOf(id)).blocks.map((block) => block.colour)
  },

  /** A copy of a drawing under another id. */
  async copy(id: string, newId: string): Promise<void> {
    await keepDrawing(newId, packDesign(await drawingOf(id)))
  },

  /** Sends a drawing kept here to the server. Answers with its status, 0 when it cannot be reached. */
  async send(id: string): Promise<{ status: number; said: string }> {
    const body = await keptDrawing(id)
    if (!body) return { status: 404, said: 'The drawing is no longer on this device.' }
    const answer = await fetch(`/api/v1/designs/${id}/drawing`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body,
    }).catch(() => null)
    if (!answer) return { status: 0, said: '' }
    const said = answer.ok
      ? ''
      : await answer.json().then(
          (p: { detail?: string }) => p.detail ?? '',
          () => '',
        )
    return { status: answer.status, said }
  },
}

/** For the screen; kept under `newId` when there is one. */
async function shown(design: Design, newId: string | null): Promise<OpenedDesign> {
  const stats = designStats(design)
  const known = newId ? await taken(newId, design) : summariseDesign(design, stats)
  return {
    design: known,
    ink: design.blocks.map(inkOf),
    grid: stats.grid,
    thread: threadUse({ design: stats, stackThickness: USUAL_STACK_MM }),
  }
}

/** Colours stand in stitch order; here by the block as drawn. */
function coloursAsDrawn(drawn: Design, { order, colours }: Edits): string[] {
  if (!order) return colours
  const asDrawn = drawn.blocks.map((b) => b.colour)
  order.forEach((block, i) => (asDrawn[block] = colours[i] ?? asDrawn[block]!))
  return asDrawn
}

export type DesignDesk = typeof desk

expose(desk)
