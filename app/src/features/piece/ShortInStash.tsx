import { piece as t } from '@thimble/language/en/piece'
import { Button } from '@rneui/themed'
import type { ChosenStack } from '@thimble/contract'
import { chosenLayers, type OwnLayersInput } from '@thimble/plan'
import { changeByHand, patchToStack, shortFor } from '@thimble/plan/byHand'
import { substitutesFor } from '@thimble/plan/judging'
import { adhesivesShort } from '@thimble/plan/consumption'
import { useNamed } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { adhesiveNames } from '@/words/adhesiveWords'
import { layerName } from '@/words/stackWords'
import type { PieceTools } from './usePiece'

/** Layers the stash has none or too little of, each with what is there and would do as well. */
export function ShortInStash({ tools, shown, ask }: { tools: PieceTools; shown: ChosenStack; ask: OwnLayersInput }) {
  const kept = tools.piece.build.stack
  const holds = adhesivesShort(Object.values(shown.layers), useNamed('adhesives')).map((kind) => (
    <AdviceBar
      key={kind}
      advice={{
        code: 'short',
        text: t('none-left-in-the-stash', { adhesiveNames: adhesiveNames[kind] }),
        severity: 'caution',
      }}
    />
  ))
  const layers = shortFor(shown, ask).map(({ kind, need }) => {
    const [id] = chosenLayers(shown).find(([, layer]) => layer.kind === kind)!
    const [instead] = substitutesFor(shown, id, ask)
    const take = (): void => {
      const next = changeByHand(shown, { do: 'swap', id, kind: instead! }, ask, 'new')
      tools.set({ build: { stack: patchToStack(kept, next) } })
    }
    return [
      <AdviceBar key={kind} advice={{ code: 'short', said: need, severity: 'caution' }} />,
      instead ? (
        <Button
          key={`${kind}-instead`}
          type="outline"
          title={t('use-instead', { layer: layerName(instead).toLowerCase() })}
          onPress={take}
        />
      ) : null,
    ]
  })
  return [...layers, ...holds]
}
