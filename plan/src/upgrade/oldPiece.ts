import { z } from 'zod'

const OldStack = z.looseObject({
  recipe: z.string(),
  holding: z.string(),
  layers: z.array(z.looseObject({ kind: z.string() })),
  needle: z.string(),
  bobbin: z.string(),
  speedSpm: z.number(),
})
export type OldStack = z.infer<typeof OldStack>

const When = z.string().nullable().default(null)

/** A piece as it was kept before it had stages: what has to be decided of it; the rest only moves, see `rehome`. */
export const OldPiece = z.looseObject({
  stack: OldStack.nullable().default(null),
  hoopId: z.string().nullable().default(null),
  record: z.looseObject({ stack: OldStack.nullable().default(null), hoopName: z.string().default('') }),
  measuredAt: When,
  builtAt: When,
  hoopedAt: When,
  stitchedAt: When,
  finishedAt: When,
})
export type OldPiece = z.infer<typeof OldPiece>
