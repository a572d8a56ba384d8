import { many } from '@thimble/language/en/counts'
import { layers as t } from '@thimble/language/en/layers'
import { holdingNames, labelOf, writeMessage } from '@thimble/language'
import { Button } from '@rneui/themed'
import type { DecidedStack } from '@thimble/contract'
import { type Refusal, type RecipeOption } from '@thimble/core/recipe'
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
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Text } from '@/ui/Text'
import { useSay } from '@/ui/useSay'
import { clothName, colourName } from '@/words/clothWords'
import { bobbinText, needleText, stackTitle } from '@/words/stackWords'
import { AboutPiece } from './AboutPiece'
import { ClothQuestions } from './ClothQuestions'
import { HoldingAgainst, HoldingPicker } from './HoldingPicker'
import { MissingBobbin, OwnNeedle } from './OwnNeedle'
import { RecipeChoice } from './RecipeChoice'
import { ShortInStash } from './ShortInStash'
import { StackJudged } from './StackJudged'
import { StackSheet } from './StackSheet'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { type PieceTools, useBuildPlan, useHoopPlan } from './usePiece'
import { LayerNumbers, ThreadFold } from './ThreadAndTime'
import { WhyList } from './Why'

/** Layers: what lies on and under the cloth, the numbers to use, and a line for each thing that is settled. */
export function BuildStage({ tools, onDone }: StageProps) {
  const { basis, stack, ring } = useBuildPlan(tools)
  useEffect(() => void openRecord(), [])
  const [changing, setChanging] = useState(false)
  // Asked as the stage opens: what is being answered stays where it is.
  const [answersFirst] = useState(wasTold(tools.piece.build.cloth))
  if (!stack) return <ClothFold tools={tools} open />
  const ask: OwnLayersInput = { basis, ring, supplies: tools.shelf.supplies }
  return (
    <>
      {answersFirst ? null : <ClothFold tools={tools} open />}
      <TheLayers {...{ tools, stack, ask, changing }} />
      <LayerNumbers {...{ tools, stack, basis }} />
      <LayerCautions {...{ tools, stack, ask }} />
      <HoldingFold tools={tools} />
      <OtherWays tools={tools} />
      <WhyFold tools={tools} />
      {answersFirst ? <ClothFold tools={tools} /> : null}
      <NeedleFold tools={tools} stack={stack} />
      <ThreadFold {...{ tools, stack, basis }} />
      <AboutPiece piece={tools.piece} />
      <ThumbBar>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <View style={{ flex: 1.3 }}>
            <StageButton title={t('use-these-layers')} onPress={onDone} />
          </View>
          <View style={{ flex: 1 }}>
            <Button
              type="outline"
              title={changing ? t('done-changing') : t('change-them')}
              onPress={() => setChanging(!changing)}
            />
          </View>
        </View>
      </ThumbBar>
    </>
  )
}

type OnStack = { tools: PieceTools; stack: DecidedStack }

/** The layers drawn, each opening with a tap, and the shop's own pieces laid like this. */
function TheLayers({ tools, stack, ask, changing }: OnStack & { ask: OwnLayersInput; changing: boolean }) {
  const { advice, option } = useBuildPlan(tools)
  const byHand = hasOwnLayers(stack)
  const own = option?.because.find(({ rule }) => rule === 'own.record')
  return (
    <Section title={stackTitle(stack)}>
      {option || byHand ? null : (
        <NotAdvised first={advice.options[0]} onTake={(one) => takeStack(tools, stackOf(one))} />
      )}
      <StackSheet
        tools={tools}
        kept={tools.piece.build.stack}
        standing={stack}
        ask={ask}
        changing={changing}
        onChange={(change, says) => tools.set({ build: { stack: change } }, says)}
      />
      {own ? <AdviceBar advice={{ code: own.rule, said: own.said, severity: 'note' }} /> : null}
    </Section>
  )
}

/** What is said beside the step itself, at Hoop and at Stitch. */
const SAID_LATER = new Set(['safe.spray', 'safe.iron', 'safe.magnets', 'safe.blades', 'safe.thick'])

/** What is wrong with the layers, what is short of them, and what to heed. */
function LayerCautions({ tools, stack, ask }: OnStack & { ask: OwnLayersInput }) {
  const cautions = listsOf({ basis: ask.basis, stack }).cautions.filter(({ code }) => !SAID_LATER.has(code))
  return (
    <Section>
      {hasOwnLayers(stack) ? <StackJudged stack={stack} basis={ask.basis} /> : null}
      <HoldingAgainst tools={tools} />
      <MissingBobbin bobbin={stack.bobbin} />
      <ShortInStash tools={tools} shown={workedOn(tools.piece.build.stack, stack)} ask={ask} />
      {cautions.map((c) => (
        <AdviceBar key={c.code} advice={c} />
      ))}
    </Section>
  )
}

const HoldingFold = ({ tools }: { tools: PieceTools }) => (
  <Fold title={t('hooped-floated-or-clamped')} answer={holdingNames[useHoopPlan(tools).method].toLowerCase()}>
    <HoldingPicker tools={tools} />
  </Fold>
)

function WhyFold({ tools }: { tools: PieceTools }) {
  const { advice, basis, stack, option } = useBuildPlan(tools)
  const say = useSay()
  const because = option?.because ?? (stack ? reasonsOf({ basis, stack }) : [])
  // Nobody would have asked about the others.
  const refused = advice.refused.filter((r) => !r.quiet)
  if (because.length + refused.length === 0) return null
  return (
    <Fold title={t('why-these-layers')} answer={many(because.length, 'reason')}>
      <WhyList because={because} />
      {refused.map((r) => (
        <Text soft key={r.because.rule}>
          {`${refusedName(r.what)}: ${say(r.because.said)}`}
        </Text>
      ))}
    </Fold>
  )
}

const refusedName = (what: Refusal['what']): string =>
  what === 'fusing' || what === 'tear-away-alone' ? labelOf(`refused.${what}`) : holdingNames[what]

/** Where its stretch was pulled the cloth was told, too, by a program that did not note it yet. */
const wasTold = ({ told, stretch }: PieceTools['piece']['build']['cloth']): boolean => told || stretch !== ''

/** What was said of the cloth and its use; open until it was. */
function ClothFold({ tools, open = false }: { tools: PieceTools; open?: boolean }) {
  const { cloth, use } = useBuildPlan(tools).basis
  const facts = [
    tools.piece.build.cloth.swatch?.name ?? clothName(cloth.family).split(',')[0],
    colourName(cloth.colour),
    use.nextToSkin ? t('next-to-the-skin') : '',
    use.infant ? t('for-an-infant-2') : '',
  ]
  return (
    <Fold title={t('cloth-and-use')} answer={facts.filter(Boolean).join(', ')} open={open}>
      <ClothQuestions tools={tools} />
    </Fold>
  )
}

function NeedleFold({ tools, stack }: OnStack) {
  const { basis, through } = useBuildPlan(tools)
  const tension = tensionOf({ basis, stack })
  return (
    <Fold
      title={t('needle-and-bobbin')}
      answer={t('bobbin-2', { needle: needleText(stack.needle), bobbin: bobbinText(stack.bobbin) })}
    >
      {tension ? <Text soft>{writeMessage(tension, tools.plan.style)}</Text> : null}
      <OwnNeedle tools={tools} stack={stack} advised={through} />
    </Fold>
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
  const text = t('you-chose-this-its-no')
  return (
    <>
      <AdviceBar advice={{ code: 'not-advised', text, severity: 'caution' }} />
      {first ? (
        <Button
          type="outline"
          title={t('use-instead-2', { stackTitle: stackTitle(stackOf(first)) })}
          onPress={() => onTake(first)}
        />
      ) : null}
    </>
  )
}

/** Other layers that would do; one of them taken, the fold closes as it becomes the answer. */
function OtherWays({ tools }: { tools: PieceTools }) {
  const { advice, stack } = useBuildPlan(tools)
  const { method } = useHoopPlan(tools)
  const rest = advice.options.filter((o) => o.id !== stack?.recipe)
  const takeBare = (): void => tools.set({ build: { stack: patchToStack(tools.piece.build.stack, bareStack(method)) } })
  return (
    <Fold key={stack?.recipe ?? ''} title={t('other-ways')} answer={String(rest.length)}>
      {rest.map((option) => (
        <RecipeChoice
          key={option.id}
          option={option}
          write={tools.plan.write}
          onTake={() => takeStack(tools, stackOf(option))}
        />
      ))}
      <Button type="outline" title={t('start-from-bare-cloth')} onPress={takeBare} />
    </Fold>
  )
}
