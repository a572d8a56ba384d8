import { DecidedStack } from '@thimble/contract'
import { bobbinColours, needlePoints, type RecipeOption } from '@thimble/core/recipe'
import type { OldStack } from './oldPiece'

/** “75/11 large eye, coated” as it was written once. */
function readNeedle(text: string) {
  const [, size, point] = /^(\S+) (.+?)(?:, coated)?$/.exec(text) ?? []
  const id = point?.replace('large eye', 'large-eye')
  return (needlePoints as readonly string[]).includes(id ?? '')
    ? { size, point: id, coated: text.endsWith(', coated') }
    : null
}

/** “60 wt matched” as it was written once. */
function readBobbin(text: string) {
  const [, weight, colour] = /^(\d+) wt (\w+)$/.exec(text) ?? []
  const id = colour?.replace('matched', 'match')
  return (bobbinColours as readonly string[]).includes(id ?? '') ? { weight: Number(weight), colour: id } : null
}

/**
 * A stack whose needle and bobbin were kept as display text, as ids and numbers. Its reasons were never kept; where
 * its recipe is still among the advice they are the recipe's.
 */
export function upgradeStack(old: OldStack, options: readonly RecipeOption[]): DecidedStack {
  const option = options.find((o) => o.id === old.recipe)
  return DecidedStack.parse({
    recipe: old.recipe,
    holding: old.holding,
    layers: old.layers,
    needle: readNeedle(old.needle),
    bobbin: readBobbin(old.bobbin),
    speedSpm: old.speedSpm,
    tension: option?.tensionRule ?? null,
    because: option?.because.map((b) => b.rule) ?? [],
  })
}
