import { z } from './sentences'

/** What lies under defaults, nulls and optionals. */
export function bare(schema: z.core.$ZodType): z.core.$ZodType {
  let inner = schema
  for (;;) {
    if (
      inner instanceof z.ZodDefault ||
      inner instanceof z.ZodPrefault ||
      inner instanceof z.ZodNullable ||
      inner instanceof z.ZodOptional
    )
      inner = inner.def.innerType
    else return inner
  }
}
