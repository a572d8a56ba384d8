import { choicesOf } from '@/words/choicesOf'
import { measure as t } from '@thimble/language/en/measure'
import { formatFine } from '@thimble/core/lengths'
import { writeMessage, writeName } from '@thimble/language'
import type { TapeStep } from '@thimble/core/placement'
import { markedWith, preparing, tickOf, waysToMark } from '@thimble/plan'
import { View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Fold } from '@/ui/Fold'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Text } from '@/ui/Text'
import { type PieceTools, useBuildPlan } from '../usePiece'
import { markNotes } from './MarkWarnings'
import { printTemplate } from '@/template/printTemplate'
import { TemplateButtons } from '@/template/printing'

/** What is done to the piece first, then the marks in the order a hand makes them, with what to make them. */
export function MarkFold({ tools }: { tools: PieceTools }) {
  const { piece, plan, set } = tools
  const { basis } = useBuildPlan(tools)
  const ready = preparing(piece, basis, plan.placement)
  const steps = plan.placement?.steps ?? []
  const done = ready.filter(({ ticked }) => ticked).length + steps.filter((step) => markTick(piece, step).ticked).length
  return (
    <Fold
      title={t('prepare-and-mark')}
      answer={t('of-done', {
        done,
        ready: ready.length + steps.length,
        lowerFirst: lowerFirst(writeMessage(markedWith(piece, basis).name)),
      })}
    >
      <View>
        {ready.map(({ id, said, ticked }) => (
          <CheckboxRow
            key={id}
            title={writeMessage(said)}
            done={ticked}
            onChange={(on) => set({ measure: { marked: { [id]: on } } })}
          />
        ))}
      </View>
      <Marks tools={tools} steps={steps} />
    </Fold>
  )
}

function Marks({ tools, steps }: { tools: PieceTools; steps: readonly TapeStep[] }) {
  const { placement, rule, kind } = tools.plan
  if (!placement) return <Text soft>{t('the-marks-appear-once-the')}</Text>
  const { copies } = placement
  const turned = rule.arrange === 'corners' && copies.some((c) => c.pose.rotation !== 0)
  return (
    <>
      <Text soft>{t('lay-it-flat-pressed', { which: rule.side === 'back' ? t('face-down') : t('face-up') })}</Text>
      {markNotes(tools).map((w, i) => (
        <AdviceBar key={i} advice={w} />
      ))}
      <MarkWith tools={tools} />
      <View>
        {steps.map((step) => (
          <MarkStep key={step.id} tools={tools} step={step} />
        ))}
      </View>
      {turned ? (
        <Text soft>
          {t('turn-as-the-lies', {
            which: copies.length > 1 ? t('each-designs') : t('the-designs'),
            name: writeName(kind.name).toLowerCase(),
            copies: copies
              .map((c) => `${writeName(c.name).replace('your ', '')} ${turnWords(c.pose.rotation)}`)
              .join(', '),
          })}
        </Text>
      ) : null}
      <Clear tools={tools} />
      <TemplateButtons make={(paper) => printTemplate(tools, paper, new Date())} />
    </>
  )
}

const markTick = ({ measure: { marked, markedSaid } }: PieceTools['piece'], step: TapeStep) =>
  tickOf({ ticked: marked, said: markedSaid }, step.id, step.said)

/** A mark to make, ticked as it was said: with another number it is to be made again. */
function MarkStep({ tools: { piece, plan, set }, step }: { tools: PieceTools; step: TapeStep }) {
  const { ticked, was } = markTick(piece, step)
  return (
    <CheckboxRow
      title={writeMessage(step.said, plan.style)}
      after={step.loss ? t('rounded-by', { formatFine: formatFine(step.loss, plan.style) }) : undefined}
      was={was && writeMessage(was, plan.style)}
      done={ticked}
      onChange={(done) => set({ measure: { marked: { [step.id]: done }, markedSaid: { [step.id]: step.said } } })}
    />
  )
}

const turnWords = (degrees: number): string =>
  degrees === 0 ? t('upright') : `${degrees < 0 ? degrees + 360 : degrees}°`

/** What to mark with on this cloth: the best first, what harms it left out and named. */
function MarkWith({ tools }: { tools: PieceTools }) {
  const { piece, set } = tools
  const { basis } = useBuildPlan(tools)
  const suits = waysToMark(basis).filter((way) => way.suits)
  const chosen = markedWith(piece, basis)
  return (
    <View style={{ gap: 6 }}>
      <Choices
        label={t('mark-with')}
        long
        choices={choicesOf(suits)}
        value={chosen.id}
        onChange={(id) => set({ measure: { markWith: id } })}
      />
      <Text soft>
        {t('to-remove', {
          why: writeMessage(chosen.why),
          lowerFirst: lowerFirst(writeMessage(chosen.removedBy)),
          caution: writeMessage(chosen.caution),
        })}
      </Text>
    </View>
  )
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

function Clear({ tools: { plan } }: { tools: PieceTools }) {
  const nearest = [...(plan.placement?.clearances ?? [])].sort((a, b) => a.mm - b.mm)[0]
  if (!nearest || nearest.mm <= 0) return null
  return (
    <Text soft>{t('nearest-the-away', { write: writeName(nearest.name), writeRoom: plan.writeRoom(nearest.mm) })}</Text>
  )
}
