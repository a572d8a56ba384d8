import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import type { RecipeOption } from '@thimble/core/recipe/recipeOption'
import { useState } from 'react'
import { View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Words } from '@/ui/Words'
import { ClothQuestions } from './ClothQuestions'
import { recipeTitle, stackFrom } from './recipeWords'
import { RecipeChoice } from './RecipeChoice'
import { StackSheet } from './StackSheet'
import type { StageProps } from './StageProps'
import { useBuildPlan } from './usePiece'
import { WhyList } from './WhyList'

/** Refusals that nobody would have asked about. */
const QUIET = new Set([
  'hold.backing-alone-needs-no-cloth',
  'hold.under-one-colour-wording',
  'hold.under-thick-only',
  'hold.no-clamp',
])

/** Build: the cloth in four questions, then the stack with its reasons, and other ways. */
export function BuildStage({ tools, onDone }: StageProps) {
  const { piece, plan, set } = tools
  const { options, refused } = useBuildPlan(tools)
  const [others, setOthers] = useState(false)
  const chosen = options.find((o) => o.id === piece.stack?.recipe) ?? options[0]
  const told = refused.filter((r) => !QUIET.has(r.because.rule))
  const rest = options.filter((o) => o !== chosen)
  const take = (option: RecipeOption): void =>
    set({ stack: stackFrom(option), holding: option.holding, holdingWhy: option.because[0]?.text ?? '' })
  return (
    <>
      <Section title="The cloth">
        <ClothQuestions tools={tools} />
      </Section>
      {chosen ? (
        <>
          <Section title={recipeTitle(chosen)} says={chosen.because[0]?.text}>
            <StackSheet
              tools={tools}
              option={chosen}
              stack={piece.stack?.recipe === chosen.id ? piece.stack : null}
              onChange={(stack) => set({ stack })}
            />
            {chosen.short.map((s) => (
              <AdviceBar key={s.kind} advice={{ code: 'short', text: s.need, severity: 'caution' }} />
            ))}
            {chosen.cautions.map((c) => (
              <AdviceBar key={c.code} advice={c} />
            ))}
          </Section>
          <Section title="Why">
            <WhyList because={chosen.because} />
          </Section>
        </>
      ) : (
        <NoRecipe piece={piece} text={refused[0]?.because.text ?? 'No recipe can be given.'} onDone={onDone} />
      )}
      {chosen && others ? (
        <Section title="Other ways">
          {rest.map((option) => (
            <RecipeChoice
              key={option.id}
              option={option}
              write={plan.write}
              onTake={() => {
                take(option)
                setOthers(false)
              }}
            />
          ))}
        </Section>
      ) : null}
      {chosen && told.length > 0 ? (
        <Section title="Not this time">
          {told.map((r) => (
            <Words soft key={r.because.rule}>{`${r.what}: ${r.because.text}`}</Words>
          ))}
        </Section>
      ) : null}
      {chosen ? (
        <ThumbBar>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <View style={{ flex: 1.4 }}>
              <Button
                title="Use this stack"
                onPress={() => {
                  if (piece.stack?.recipe !== chosen.id) take(chosen)
                  onDone()
                }}
              />
            </View>
            {rest.length > 0 ? (
              <View style={{ flex: 1 }}>
                <Button
                  type="outline"
                  title={others ? 'Hide' : `${rest.length} other ${rest.length === 1 ? 'way' : 'ways'}`}
                  onPress={() => setOthers(!others)}
                />
              </View>
            ) : null}
          </View>
        </ThumbBar>
      ) : null}
    </>
  )
}

function NoRecipe({ piece, text, onDone }: { piece: Piece; text: string; onDone: () => void }) {
  return (
    <Section title="No recipe yet">
      <AdviceBar advice={{ code: 'not-covered', text, severity: 'caution' }} />
      <Words soft>{`“${piece.name}” can go on without one: what you really used is asked at the record.`}</Words>
      <Button type="outline" title="Go on without" onPress={onDone} />
    </Section>
  )
}
