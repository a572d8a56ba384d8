import { problemText } from '@thimble/language'
import { reading as t } from '@thimble/language/en/reading'
import type { Advice } from '@thimble/core/advice'
import { transfer } from 'comlink'
import { exposeInWords } from './exposeInWords'
import type {
  BlockPair,
  ColourOrder,
  CuttingFile,
  Design,
  DesignStats,
  GroupLayout,
  LoadGrid,
  OfPatch,
  PackedDesign,
  SummarisedDesign,
} from '@thimble/core/design'
import {
  asStitched,
  cuttingFile,
  designStats,
  type Edits,
  groupDesigns,
  partHulls,
  layGroup,
  packDesign,
  nearBlocks,
  planColourOrder,
  smallLetterAdvice,
  summariseDesign,
  unpackDesign,
  writeDesignSvg,
  writeStitchCsv,
} from '@thimble/core/design/work'
import type { Point } from '@thimble/core/plane'
import { threadUse, type ThreadUse } from '@thimble/core/thread'
import {
  fitNames,
  type FittedName,
  type NamesRequest,
  readTypeface,
  setLettering,
  type Typeface,
  type LetteringRequest,
} from '@thimble/core/lettering'
import { inkOf, type BlockInk } from './blockInk'
import { ask, Away, Refused } from '@/http/client'
import { keepPacked, packedHere } from './packedStore'
import { readDesignFile, type ReadFile } from './readDesignFile'

/** A design opened on the screen: what is drawn, what was measured. */
export type OpenedDesign = {
  design: SummarisedDesign
  ink: BlockInk[]
  grid: LoadGrid | null
  thread: ThreadUse
}

/** `near`: blocks of unlike colours that only lie near each other; `least`: changes if none of those touched. */
export type OrderFound = ColourOrder & { near: BlockPair[]; least: number }

/** Pairs that do not touch, and what each block as drawn does for a patch. */
type OrderAsked = { apart: BlockPair[]; roles: (OfPatch | null)[] }

/** Designs to be made one: how they lie, and how far each is moved from there. */
type GroupRequest = { parts: { id: string; edits: Edits }[]; layout: GroupLayout; gap: number; shifts: Point[] }

/** What a stack is taken to be thick while no cloth is chosen. */
const USUAL_STACK_MM = 1

/** A name as it was set: what the shelf knows of it, and what it is drawn from. */
export type SetName = { design: SummarisedDesign; packed: PackedDesign; smallestLetterMm: number }

const opened = new Map<string, Design>()
const typefaces = new Map<string, Typeface>()

async function typefaceAt(font: string): Promise<Typeface> {
  const face = typefaces.get(font) ?? readTypeface(await (await fetch(font)).arrayBuffer())
  typefaces.set(font, face)
  return face
}

/** Errors cross to the screen by their message alone. */
async function designOf(id: string): Promise<Design> {
  const known = opened.get(id)
  if (known) return known
  const kept = await packedHere(id)
  const packed = kept ? (JSON.parse(kept) as PackedDesign) : await fetchPacked(id)
  const design = unpackDesign(packed)
  opened.clear()
  opened.set(id, design)
  return design
}

async function fetchPacked(id: string): Promise<PackedDesign> {
  try {
    const packed = await ask<PackedDesign>(`/designs/${id}/packed`)
    await keepPacked(id, packed).catch(() => undefined)
    return packed
  } catch (error) {
    const why = error instanceof Away ? t('isnt-on-this-device-and') : t('hasnt-arrived-yet')
    throw new Error(`What this design is drawn from ${why}.`)
  }
}

/** Keeps a new design on this device and measures it. */
async function keepDesign(id: string, design: Design): Promise<SummarisedDesign> {
  await keepPacked(id, packDesign(design))
  return summariseDesign(design)
}

const designWorker = {
  /** Reads a file and keeps its design under `id`; nothing is kept of a file that cannot be read. */
  async read(
    file: File,
    id: string,
    dropBackground: boolean,
  ): Promise<Omit<ReadFile, 'packed' | 'summary'> & { summary: ReadFile['summary'] | null }> {
    const start = performance.now()
    const { packed, ...known } = readDesignFile(file.name, new Uint8Array(await file.arrayBuffer()), dropBackground)
    performance.measure('read and measured', { start })
    opened.delete(id)
    if (packed) await keepPacked(id, packed)
    return known
  },

  async open(id: string, edits: Edits): Promise<OpenedDesign> {
    const design = asStitched(await designOf(id), edits)
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
    return summariseDesign(asStitched(await designOf(id), edits))
  },

  /** The order with the fewest changes, in the blocks' numbers as drawn; and what it would be if near ones did not touch. */
  async order(id: string, edits: Edits, { apart, roles }: OrderAsked): Promise<OrderFound> {
    const drawn = await designOf(id)
    const asDrawn = asStitched(drawn, { ...edits, order: null, colours: coloursAsDrawn(drawn, edits) })
    const blocks = asDrawn.blocks.map((block, i) => ({ ...block, stitches: block.stitches ?? [], ...roles[i] }))
    const plan = planColourOrder(blocks, { apart })
    const near = nearBlocks(blocks).filter(([i, j]) => blocks[i]!.colour !== blocks[j]!.colour)
    const least = near.length > 0 ? planColourOrder(blocks, { apart: near }).changes : plan.changes
    return { ...plan, near, least }
  },

  async write(id: string, edits: Edits, format: 'csv' | 'svg'): Promise<string> {
    const design = asStitched(await designOf(id), edits)
    return format === 'csv' ? writeStitchCsv(design) : writeDesignSvg(design)
  },

  async packed(id: string): Promise<string> {
    return JSON.stringify(packDesign(await designOf(id)))
  },

  async cutting(
    id: string,
    edits: Edits,
    q: { block: number; overlap: number; count: number; clothWidth: number },
  ): Promise<CuttingFile> {
    const design = asStitched(await designOf(id), edits)
    return cuttingFile({ ...q, block: design.blocks[q.block]! })
  },

  async group(
    { parts, layout, gap, shifts }: GroupRequest,
    newId: string | null,
  ): Promise<OpenedDesign & { hulls: number[][] }> {
    const designs = []
    for (const part of parts) designs.push(asStitched(await designOf(part.id), part.edits))
    const laid = layGroup(designs, layout, gap, shifts)
    const hulls = partHulls(laid).map((hull) => hull.flatMap(({ x, y }) => [x, y]))
    return { ...(await showDesign(groupDesigns(laid), newId)), hulls }
  },

  async wording(
    q: LetteringRequest,
    font: string,
    newId: string | null,
  ): Promise<OpenedDesign & { smallestLetterMm: number }> {
    const { design, smallestLetterMm } = setLettering(await typefaceAt(font), q)
    return { ...(await showDesign(design, newId)), smallestLetterMm }
  },

  /** How wide names of an order come out, set alike, and what the smallest of their letters want. */
  async fit(
    names: readonly string[],
    q: NamesRequest,
    font: string,
  ): Promise<{ fitted: FittedName[]; advice: Advice[] }> {
    const fitted = fitNames(await typefaceAt(font), names, q)
    const heights = fitted.flatMap(({ problem, letterHeight }) => (problem ? [] : [letterHeight]))
    return { fitted, advice: smallLetterAdvice(Math.min(...heights)) }
  },

  /** A name of an order as a design, with all that is kept of it; it is not kept here. */
  async name(q: LetteringRequest, font: string): Promise<SetName> {
    const { design, smallestLetterMm } = setLettering(await typefaceAt(font), q)
    return { design: summariseDesign(design), packed: packDesign(design), smallestLetterMm }
  },

  /** The colours of the blocks as they were read. */
  async drawnColours(id: string): Promise<string[]> {
    return (await designOf(id)).blocks.map((block) => block.colour)
  },

  /** A copy of a design under another id. */
  async copy(id: string, newId: string): Promise<void> {
    await keepPacked(newId, packDesign(await designOf(id)))
  },

  /** Sends a design kept here to the server. Answers with its status, 0 when it cannot be reached. */
  async send(id: string): Promise<{ status: number; said: string }> {
    const text = await packedHere(id)
    if (!text) return { status: 404, said: t('the-design-is-no-longer') }
    try {
      await ask(`/designs/${id}/packed`, { method: 'PUT', text })
      return { status: 200, said: '' }
    } catch (error) {
      return { status: error instanceof Refused ? error.status : 0, said: problemText(error as Error) }
    }
  },
}

/** For the screen; kept under `newId` when there is one. */
async function showDesign(design: Design, newId: string | null): Promise<OpenedDesign> {
  const stats = designStats(design)
  const known = newId ? await keepDesign(newId, design) : summariseDesign(design, stats)
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

export type DesignWorker = typeof designWorker

exposeInWords(designWorker)
