import { z } from 'zod'
import { upgradePacked } from './upgradeDesign'

const OldFile = z.object({ version: z.literal(1), drawing: z.unknown().optional() })

/** A design file of any version as one of today, not looked at further. */
export function upgradeDesignFile(json: unknown): unknown {
  const old = OldFile.safeParse(json)
  if (!old.success) return json
  const { drawing, ...rest } = json as Record<string, unknown>
  return { ...rest, version: 2, packed: drawing ? upgradePacked(drawing) : drawing }
}
