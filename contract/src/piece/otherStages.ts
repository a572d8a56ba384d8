import { clothFamilies, feltSurfaces, ironTried, lightSeen } from '@thimble/core/recipe'
import { type FaultId, faultIds, howBads, verdicts } from '@thimble/core/records'
import { z } from '../sentences'
import { TypedLength } from '../length'
import { Take } from '../movement'
import { Colour, Id, Note, OwnId } from '../stored'
import { CarriedSwatch } from '../swatch'
import { Basis, ChosenStack, Holding, KeptStack, TopThread, Use } from './stack'
import { KeptList, stageOf, Ticks } from './stages'

const onStack = { basis: Basis, stack: KeptStack.nullable() }

/** Build: the cloth, what becomes of it, and the stack; decided: the stack, and what its reasons rest on. */
export const BuildStage = stageOf(
  {
    cloth: z.strictObject({
      family: z.enum(clothFamilies),
      stretch: z.string().max(10).default(''),
      colour: Colour.default('#e8e2d4'),
      /** Whether the worker has said what it is; until then it is what such an item is usually made of. */
      told: z.boolean().default(false),
      /** The shop’s own cloth it is made of; its numbers go before the family’s. */
      swatch: CarriedSwatch.nullable().default(null),
      /** What a hand found out about a cloth nobody named; the pull is `stretch`. */
      tested: z
        .strictObject({
          surface: z.enum(feltSurfaces).nullable().default(null),
          light: z.enum(lightSeen).nullable().default(null),
          iron: z.enum(ironTried).nullable().default(null),
        })
        .prefault({}),
    }),
    use: Use.prefault({}),
    thread: TopThread.prefault({}),
    stack: ChosenStack.nullable().default(null),
  },
  onStack,
)
export type BuildStage = z.infer<typeof BuildStage>
export type KeptBuild = BuildStage['kept'][number]

/** Stitch: the list before the start; decided: the list as it stood, for the stack that was really there. */
export const StitchStage = stageOf(
  { checks: Ticks },
  { ...onStack, list: KeptList, colours: z.array(Colour).max(2000) },
)
export type StitchStage = z.infer<typeof StitchStage>
export type KeptStitching = StitchStage['kept'][number]

/** A landing as typed: how far off, and which way, seen by the worker. */
const off = <const Ways extends readonly [string, string]>(ways: Ways) => TypedLength.extend({ way: z.enum(ways) })

const Fault = z.strictObject({ howBad: z.literal(howBads) })
const faultsById = z.strictObject(
  Object.fromEntries(faultIds.map((id) => [id, Fault.optional()])) as unknown as {
    [Id in FaultId]: z.ZodOptional<typeof Fault>
  },
)

/** Finish: what is done to it and the record as typed; decided: the record, by numbers and ids. */
export const FinishStage = stageOf(
  {
    steps: Ticks,
    low: off(['low', 'high']).prefault({ text: '', unit: 'mm', way: 'low' }),
    side: off(['left', 'right']).prefault({ text: '', unit: 'mm', way: 'left' }),
    faults: faultsById.prefault({}),
    verdict: z.enum(verdicts).nullable().default(null),
    minutes: z.string().max(10).default(''),
    note: Note.default(''),
    nextTime: Note.default(''),
    /** What was really used, where it differs from what was decided at Build. */
    stack: ChosenStack.nullable().default(null),
    /** Of which roll a kind of layer was cut, where it was not the one that would be taken. */
    rolls: z.record(OwnId, Id).default({}),
  },
  {
    ...onStack,
    list: KeptList,
    holding: Holding.nullable(),
    hoop: z.strictObject({ id: Id.nullable(), name: z.string().max(120) }).nullable(),
    /** Where it came out from the mark, item frame: right and down are positive; null: not measured. */
    landing: z.strictObject({ dx: z.number().nullable(), dy: z.number().nullable() }),
    faults: z.array(z.strictObject({ id: z.enum(faultIds), howBad: z.literal(howBads) })).max(15),
    verdict: z.enum(verdicts).nullable(),
    minutes: z.number().nullable(),
    note: Note,
    nextTime: Note,
    /** What it took of the stash: the server's ledger follows from it. */
    took: z.array(Take).max(200).default([]),
  },
)
export type FinishStage = z.infer<typeof FinishStage>
export type KeptRecord = FinishStage['kept'][number]
