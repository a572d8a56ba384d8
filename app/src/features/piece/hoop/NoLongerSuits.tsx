import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import { recommendRecipe } from '@thimble/core/recipe'
import { chosenFrom, freshLayers, queryOf, ringOf, stackOf } from '@thimble/plan'
import { judgementsOf, worseThan } from '@thimble/plan/judging'
import { AdviceBar } from '@/ui/AdviceBar'
import { stackTitle } from '@/words/stackWords'
import { type PieceTools, useBuildPlan, useBuilt, useHoopPlan } from '../usePiece'

/** What of the layers does not suit how the piece is held now, and the layers that are usual for it; none change by themselves. */
export function NoLongerSuits({ tools }: { tools: PieceTools }) {
  const { piece, set, keep } = tools
  const { hoop, method } = useHoopPlan(tools)
  const built = useBuilt(tools)
  const { basis } = useBuildPlan(tools)
  const [kept] = piece.build.kept
  const worse = kept ? worseThan(judgementsOf(kept), built) : []
  if (worse.length === 0) return null
  const ring = hoop ? { ring: ringOf(hoop) } : {}
  const [best] = recommendRecipe({ ...queryOf(basis), ...ring, holding: method }).options
  const take = (): void => {
    if (!best) return
    set({ build: { stack: freshLayers(piece, chosenFrom(stackOf(best))) } })
    // Layers that were decided are decided again: the worker just said so.
    keep('build')
  }
  return (
    <>
      {worse.map(({ rule, said, severity }) => (
        <AdviceBar key={rule} advice={{ code: rule, said, severity }} />
      ))}
      {best ? (
        <Button type="outline" title={t('use-instead', { stackTitle: stackTitle(stackOf(best)) })} onPress={take} />
      ) : null}
    </>
  )
}
