import type { PlacementPlan } from '@thimble/core/placement'

/** The “is that right?” of one number, to stand at its field. */
export const oddText = (placement: PlacementPlan | null, id: string): string | undefined =>
  placement?.warnings.find((w) => w.code === `is-that-right:${id}`)?.text
