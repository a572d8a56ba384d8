import { Button } from '@rneui/themed'
import { formatFine } from '@thimble/core/lengths'
import { writeMessage, writeName } from '@thimble/core/messages'
import type { TapeStep } from '@thimble/core/placement'
import { markedWith, tickOf, waysToMark } from '@thimble/plan'
import { View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Text } from '@/ui/Text'
import { type PieceTools, useBuildPlan } from '../usePiece'
import { printTemplate } from '@/template/printTemplate'
import { TemplateButtons } from '@/template/printing'

const FIELD_PATHS = /^(measures|distances|design|zones|row)\b/

/** The marks in the order a hand makes them, with what to make them and what takes it off again. */
export function MarkSection({ tools }: { tools: PieceTools }) {
  const { plan, set } = tools
  const { placement, problems, kind } = plan
  const copies = placement?.copies ?? []
  const loose = Object.entries(problems).filter(([path]) => !FIELD_PATHS.test(path))
  const atField = ['wider-than-item', 'higher-than-item']
  const warnings =
    placement?.warnings.filter((w) => !w.code.startsWith('is-that-right') && !atField.includes(w.code)) ?? []
  return (
    <Section title="Mark it" says={`Laid flat, ${plan.rule.side === 'back' ? 'face down' : 'face up'}, pressed.`}>
      {loose.map(([path, text]) => (
        <FieldProblem key={path} id={path}>
          {text}
        </FieldProblem>
      ))}
      {problems['anchors.down'] || problems['anchors.across'] ? (
        <Button
          type="outline"
          title="Count from the usual lines"
          onPress={() => set({ measure: { anchors: { down: null, across: null } } })}
        />
      ) : null}
      {warnings.map((w) => (
        <AdviceBar key={w.code + w.text} advice={w} />
      ))}
      <MarkWith tools={tools} />
      <View>
        {placement?.steps.map((step) => (
          <MarkStep key={step.id} tools={tools} step={step} />
        ))}
      </View>
      {plan.rule.arrange === 'corners' && copies.some((c) => c.pose.rotation !== 0) ? (
        <Text soft>
          {`${copies.length > 1 ? 'Each design’s' : 'The design’s'} turn as the ${kind.name.toLowerCase()} lies: ${copies.map((c) => `${writeName(c.name).replace('your ', '')} ${turnWords(c.pose.rotation)}`).join(', ')}.`}
        </Text>
      ) : null}
      {placement ? (
        <Clear tools={tools} />
      ) : (
        <Text soft>The marks follow as soon as the numbers above can be read.</Text>
      )}
      {placement ? <TemplateButtons make={(paper) => printTemplate(tools, paper, new Date())} /> : null}
    </Section>
  )
}

/** A mark to make, ticked as it was said: with another number it is to be made again. */
function MarkStep({ tools: { piece, plan, set }, step }: { tools: PieceTools; step: TapeStep }) {
  const { marked, markedSaid } = piece.measure
  const { ticked, was } = tickOf({ ticked: marked, said: markedSaid }, step.id, step.said)
  return (
    <CheckboxRow
      title={step.text}
      after={step.loss ? `(rounded by ${formatFine(step.loss, plan.style)})` : undefined}
      was={was && writeMessage(was, plan.style)}
      done={ticked}
      onChange={(done) => set({ measure: { marked: { [step.id]: done }, markedSaid: { [step.id]: step.said } } })}
    />
  )
}

const turnWords = (degrees: number): string => (degrees === 0 ? 'upright' : `${degrees < 0 ? degrees + 360 : degrees}°`)

/** What to mark with on this cloth: the best first, what harms it left out and named. */
function MarkWith({ tools }: { tools: PieceTools }) {
  const { piece, set } = tools
  const { basis } = useBuildPlan(tools)
  const suits = waysToMark(basis).filter((way) => way.suits)
  const chosen = markedWith(piece, basis)
  return (
    <View style={{ gap: 6 }}>
      <Choices
        label="Mark with"
        long
        choices={suits.map(({ id, name }) => ({ id, name }))}
        value={chosen.id}
        onChange={(id) => set({ measure: { markWith: id } })}
      />
      <Text soft>{`${chosen.why} Comes off: ${lowerFirst(chosen.removedBy)} ${chosen.caution}`}</Text>
    </View>
  )
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

function Clear({ tools: { plan } }: { tools: PieceTools }) {
  const nearest = [...(plan.placement?.clearances ?? [])].sort((a, b) => a.mm - b.mm)[0]
  if (!nearest || nearest.mm <= 0) return null
  return (
    <Text
      soft
    >{`Nearest thing to keep clear of: the ${writeName(nearest.name)}, ${plan.writeRoom(nearest.mm)} away.`}</Text>
  )
}
