import { Button } from '@rneui/themed'
import { holdingNames, recommendRecipe, type StackMisfit } from '@thimble/core/recipe'
import { chosenFrom, freshLayers, queryOf, ringOf, stackOf } from '@thimble/plan'
import { AdviceBar } from '@/ui/AdviceBar'
import { layerLabel, stackTitle } from '@/words/stackWords'
import { type PieceTools, useBuildPlan, useBuilt, useHoopPlan } from '../usePiece'

/** What of the stack does not suit how the piece is to be held, and the offer to change it; nothing changes by itself. */
export function StackMisfits({ tools }: { tools: PieceTools }) {
  const { piece, plan, set, keep } = tools
  const { misfits, method, hoop } = useHoopPlan(tools)
  const { stack } = useBuilt(tools)
  const { basis } = useBuildPlan(tools)
  if (!stack || misfits.length === 0 || method === 'none') return null
  const words = (misfit: StackMisfit): string => {
    const layer = stack.layers[misfit.layer]
    const name = layer ? layerLabel(layer, piece.build.cloth.family) : 'A layer'
    if (misfit.misfit === 'short-piece')
      return `${name}: the piece is cut too small for this ring; it wants ${plan.write(misfit.needs.widthMm)} by ${plan.write(misfit.needs.heightMm)}.`
    const held = holdingNames[method].toLowerCase()
    return misfit.misfit === 'cloth-grip'
      ? `The stack was chosen for the piece ${holdingNames[stack.holding].toLowerCase()}; ${held}, the cloth is held another way.`
      : `${name} does not hold the piece when it is ${held}.`
  }
  const ring = hoop ? { ring: ringOf(hoop) } : {}
  const [best] = recommendRecipe({ ...queryOf(basis), ...ring, holding: method }).options
  const take = (): void => {
    if (!best) return
    set({ build: { stack: freshLayers(piece, chosenFrom(stackOf(best))) } })
    // A stack that was decided is decided again: the worker just said so.
    if (piece.build.kept.length > 0) keep('build')
  }
  return (
    <>
      {misfits.map((misfit) => (
        <AdviceBar
          key={`${misfit.misfit}${misfit.layer}`}
          advice={{ code: misfit.misfit, text: words(misfit), severity: 'caution' }}
        />
      ))}
      {best?.holding === method ? (
        <Button type="outline" title={`Change the stack: ${stackTitle(stackOf(best))}`} onPress={take} />
      ) : null}
    </>
  )
}
