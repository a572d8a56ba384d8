import type { TraceAnswer, TraceRequest } from '@thimble/contract/devices'
import { traceOutline } from '@thimble/core/trace'

/** How fast a carriage walks a trace, in mm a second. */
const PACE = 40

/** A machine that is none walks the outline with its needle up, and says how near it came. */
export function walkTrace(ask: TraceRequest): TraceAnswer {
  const { path, field, zones, lengthMm } = traceOutline(ask)
  return { path, field, zones, seconds: Math.round(lengthMm / PACE) }
}
