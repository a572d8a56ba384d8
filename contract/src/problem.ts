import { z } from './sentences'

/** RFC 9457 problem details; `errors` name the field's path and say what to do about it. */
export const Problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number(),
  detail: z.string(),
  errors: z.array(z.object({ path: z.string(), message: z.string() })),
})
export type Problem = z.infer<typeof Problem>
