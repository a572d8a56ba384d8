import { Button } from '@rneui/themed'
import type { DecidedStack } from '@thimble/contract'
import type { RecipeOption, Refusal } from '@thimble/core/recipe'
import {
  chosenFrom,
  freshLayers,
  type OwnLayersInput,
  hasOwnLayers,
  listsOf,
  reasonsOf,
  stackOf,
  tensionOf,
  workedOn,
} from '@thimble/plan'
import { bareStack, patchToStack } from '@thimble/plan/byHand'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { openRecord } from '@/sync/startSync'
import { AdviceBar } from '@/ui/AdviceBar'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Text } from '@/ui/Text'
import { useUnits } from '@/ui/useUnits'
import { clothName, colourName } from '@/words/clothWords'
import { stackTitle } from '@/words/stackWords'
import { ClothQuestions } from './ClothQuestions'
import { HoldingPicker } from './HoldingPicker'
import { OwnNeedle } from './OwnNeedle'
import { RecipeChoice } from './RecipeChoice'
import { ShortInStash } from './ShortInStash'
import { StackJudged } from './StackJudged'
import { StackSheet } from './StackSheet'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { type PieceTools, useBuildPlan, useHoopPlan } from './usePiece'
import { ThreadAndTime } from './ThreadAndTime'
import { Why } from './Why'

/** Build: the stack with its reasons and other ways, under the cloth in four questions until they are answered. */
export function BuildStage({ tools, onDone }: StageProps) {
  const { advice, basis, stack, option, ring, through } = useBuildPlan(tools)
  const { method } = useHoopPlan(tools)
  const inUnits = useUnits()
  useEffect(() => void openRecord(), [])
  const [others, setOthers] = useState(false)
  // Asked as the stage opens: what is being answered stays where it is.
  const [answersFirst] = useState(wasTold(tools.piece.build.cloth))
  const rest = advice.options.filter((o) => o.id !== stack?.recipe)
  const byHand = stack !== null && hasOwnLayers(stack)
  const ask: OwnLayersInput = { basis, ring, supplies: tools.shelf.supplies }
  const take = (chosen: RecipeOption): void => {
    takeStack(tools, stackOf(chosen))
    setOthers(false)
  }
  const takeBare = (): void => {
    tools.set({ build: { stack: patchToStack(tools.piece.build.stack, bareStack(method)) } })
    setOthers(false)
  }
  return (
    <>
      {answersFirst ? null : <ClothSection tools={tools} />}
      {stack ? (
        <>
          <Section title={stackTitle(stack)} says={option?.because[0] && inUnits(option.because[0].text)}>
            {option || byHand ? null : <NotAdvised first={advice.options[0]} onTake={take} />}
            {byHand ? <StackJudged stack={stack} basis={basis} /> : null}
            <StackSheet
              tools={tools}
              kept={tools.piece.build.stack}
              standing={stack}
              ask={ask}
              onChange={(change, says) => tools.set({ build: { stack: change } }, says)}
            />
            <Text soft>{tensionOf({ basis, stack })}</Text>
            <OwnNeedle tools={tools} stack={stack} advised={through} />
            <ShortInStash tools={tools} shown={workedOn(tools.piece.build.stack, stack)} ask={ask} />
            {listsOf({ basis, stack }).cautions.map((c) => (
              <AdviceBar key={c.code} advice={c} />
            ))}
          </Section>
          <Section title="Hooped, floated or clamped">
            <HoldingPicker tools={tools} />
          </Section>
          <ThreadAndTime tools={tools} stack={stack} basis={basis} />
          {answersFirst ? <ClothInShort tools={tools} /> : null}
          <Why because={option?.because ?? reasonsOf({ basis, stack })} />
          {others ? <OtherWays options={rest} write={tools.plan.write} onTake={take} onBare={takeBare} /> : null}
          <NotThisTime refused={advice.refused} />
          <BuildActions others={others} more={rest.length} onMore={() => setOthers(!others)} onDone={onDone} />
        </>
      ) : null}
    </>
  )
}

/** Where its stretch was pulled the cloth was told, too, by a program that did not note it yet. */
const wasTold = ({ told, stretch }: PieceTools['piece']['build']['cloth']): boolean => told || stretch !== ''

const ClothSection = ({ tools }: { tools: PieceTools }) => (
  <Section title="The cloth">
    <ClothQuestions tools={tools} />
  </Section>
)

/** What was said of the cloth in one line, to open. */
function ClothInShort({ tools }: { tools: PieceTools }) {
  const { cloth, use } = useBuildPlan(tools).basis
  const facts = [
    tools.piece.build.cloth.swatch?.name ?? clothName(cloth.family).split(',')[0],
    colourName(cloth.colour),
    `stretching ${Math.round(cloth.stretchPercent)} %`,
    use.nextToSkin ? 'next to skin' : '',
    use.infant ? 'for an infant' : '',
  ]
  return (
    <Section title="The cloth">
      <Text>{`${facts.filter(Boolean).join(', ')}.`}</Text>
      <Disclosure title="Change what was said of it">
        <ClothQuestions tools={tools} />
      </Disclosure>
    </Section>
  )
}

/** The layers, and how they are held: that is chosen with them, and asked at Hoop again where it was decided otherwise. */
function takeStack({ piece, set }: PieceTools, stack: DecidedStack): void {
  const { holding } = stack
  const [hooped] = piece.hoop.kept
  const again = hooped && hooped.holding !== holding ? { reopened: true } : {}
  set({ build: { stack: freshLayers(piece, chosenFrom(stack)) }, hoop: { holding, ...again } })
}

type Offer = { first?: RecipeOption; onTake: (option: RecipeOption) => void }

/** What was chosen stays, and says so where nothing of today's advice is it. */
function NotAdvised({ first, onTake }: Offer) {
  const text = 'You chose this one; it is not among what is advised for this cloth, design and holding any more.'
  return (
    <>
      <AdviceBar advice={{ code: 'not-advised', text, severity: 'caution' }} />
      {first ? (
        <Button type="outline" title={`Take instead: ${stackTitle(stackOf(first))}`} onPress={() => onTake(first)} />
      ) : null}
    </>
  )
}

type Others = {
  options: RecipeOption[]
  write: (mm: number) => string
  onTake: (option: RecipeOption) => void
  onBare: () => void
}

const OtherWays = ({ options, write, onTake, onBare }: Others) => (
  <Section title="Other ways">
    {options.map((option) => (
      <RecipeChoice key={option.id} option={option} write={write} onTake={() => onTake(option)} />
    ))}
    <Button type="outline" title="Build your own from the bare cloth" onPress={onBare} />
  </Section>
)

/** Refusals, but for those nobody would have asked about. */
function NotThisTime({ refused }: { refused: Refusal[] }) {
  const inUnits = useUnits()
  const told = refused.filter((r) => !r.quiet)
  if (told.length === 0) return null
  return (
    <Section title="Not this time">
      {told.map((r) => (
        <Text soft key={r.because.rule}>
          {inUnits(`${r.what}: ${r.because.text}`)}
        </Text>
      ))}
    </Section>
  )
}

type Actions = { others: boolean; more: number; onMore: () => void; onDone: () => void }

const BuildActions = ({ others, more, onMore, onDone }: Actions) => (
  <ThumbBar>
    <View style={{ flexDirection: 'row', gap: 12 }}>
      <View style={{ flex: 1.4 }}>
        <StageButton title="Use this stack" onPress={onDone} />
      </View>
      {more > 0 ? (
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title={others ? 'Hide' : `${more} other ${more === 1 ? 'way' : 'ways'}`}
            onPress={onMore}
          />
        </View>
      ) : null}
    </View>
  </ThumbBar>
)
