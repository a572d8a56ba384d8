import { countText } from '@thimble/language'
import { designs as t } from '@thimble/language/en/designs'
import { Button } from '@rneui/themed'
import { adviceOf } from '@thimble/core/advice'
import { formatFine, formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import { readSigned, readTyped } from '@thimble/plan'
import { Asset } from 'expo-asset'
import { useRouter } from 'expo-router'
import { type Control, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { inDesignWorker } from '@/workers/designClient'
import { DesignBoard } from '@/shared/DesignBoard'
import { cardOf } from '@/shared/cardOf'
import { groundFor } from '@/drawing/clothInk'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { useDraftForm } from '@/forms/useDraftForm'
import { createWithDesign } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { typefaces } from '@/theme/typefaces'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import type { DesignWorker } from '@/workers/designWorker'
import { useWorkedOut } from './useWorkedOut'
import { nanoid } from 'nanoid'

type SetWords = Awaited<ReturnType<DesignWorker['wording']>>
type Request = Parameters<DesignWorker['wording']>[0]
type Texts = Record<'text' | 'face' | 'height' | 'spacing' | 'colour', string>

const PAUSE_MS = 120
const blank = (style: LengthStyle): Texts => ({
  ...{ text: '', face: typefaces[0]!.id, spacing: '0', colour: '#1f2d38' },
  height: formatLength(12, style),
})

function readWording({ text, height, spacing, colour }: Texts, unit: LengthUnit) {
  const tall = readTyped({ text: height, unit })
  const apart = readSigned({ text: spacing, unit })
  const request: Request | null =
    text.trim() && tall.mm && apart.mm !== null ? { text, letterHeight: tall.mm, spacing: apart.mm, colour } : null
  return { request, problems: { height: tall.problem, spacing: apart.problem } }
}

/** A line of wording from a typeface that ships with the program, by the height of its capitals. */
export function WordingPage() {
  const style = useDocuments((s) => s.shop)
  const { unit } = style
  const router = useRouter()
  const form = useDraftForm('wording', blank(style))
  const texts = useWatch({ control: form.control }) as Texts
  const face = typefaces.find((f) => f.id === texts.face) ?? typefaces[0]!
  const font = Asset.fromModule(face.file).uri
  const { request, problems } = readWording(texts, unit)
  const { found: set, problem } = useWorkedOut(request, (q) => inDesignWorker((d) => d.wording(q, font, null)), {
    pauseMs: PAUSE_MS,
    also: font,
  })
  const { busy, problem: unkept, run } = useTask()
  const keep = (): void =>
    void run(async () => {
      if (!request) return
      const id = nanoid()
      await keepWording(id, request, face, font)
      form.forget()
      router.replace(`/designs/${id}`)
    })
  return (
    <Page
      title={t('a-line-of-wording')}
      back
      tape={!set}
      foot={<Button title={t('save')} disabled={!set || !request || problem !== null || busy} onPress={keep} />}
    >
      {set ? (
        <DesignBoard
          opened={set}
          height={200}
          unit={unit}
          ground={groundFor(set.design.colours)}
          label={t('the-wording-to-scale')}
        />
      ) : null}
      <Section>
        {set && request && !problem ? <Figures set={set} /> : null}
        <WordingFields control={form.control} unit={unit} problems={{ ...problems, text: request ? problem : null }} />
        {unkept ? <FieldProblem id="keep">{unkept}</FieldProblem> : null}
      </Section>
    </Page>
  )
}

type FieldsProps = {
  control: Control<Texts>
  unit: LengthUnit
  problems: Record<'text' | 'height' | 'spacing', string | null>
}

function WordingFields({ control, unit, problems }: FieldsProps) {
  return (
    <>
      <FormField
        control={control}
        name="text"
        label={t('the-words')}
        problem={problems.text}
        placeholder={t('marram-tide')}
      />
      <FormChoices control={control} name="face" label={t('typeface')} choices={typefaces} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormLength
          half
          control={control}
          name="height"
          label={t('capital-height')}
          unit={unit}
          problem={problems.height}
        />
        <FormLength
          half
          control={control}
          name="spacing"
          label={t('letter-spacing')}
          unit={unit}
          problem={problems.spacing}
        />
      </View>
      <FormChoices control={control} name="colour" label={t('colour')} choices={useColours()} />
    </>
  )
}

type Face = (typeof typefaces)[number]

async function keepWording(id: string, request: Request, face: Face, font: string): Promise<void> {
  const made = await inDesignWorker((d) => d.wording(request, font, id))
  createWithDesign(
    cardOf(id, {
      name: request.text.trim().slice(0, 120),
      kind: 'wording',
      note: t('set-in', { name: face.name }),
      smallestLetterMm: made.smallestLetterMm,
      change: { scale: 1, rotate: 0, mirror: 'none' },
      order: null,
      ...made.design,
    }),
  )
}

function Figures({ set }: { set: SetWords }) {
  const style = useDocuments((s) => s.shop)
  const { width, height, stitches, summary } = set.design
  return (
    <>
      <Text bold style={{ fontSize: 24, lineHeight: 30 }}>
        {`${formatLength(width, style)} × ${formatLength(height, style)}`}
      </Text>
      <Text soft>
        {t('about-stitches-the-smallest-letter', {
          stitches: countText(stitches),
          formatFine: formatFine(set.smallestLetterMm, style),
        })}
      </Text>
      {summary.warnings.map(adviceOf).map((a) => (
        <AdviceBar key={a.code} advice={a} />
      ))}
    </>
  )
}

const INK = { id: '#1f2d38', name: t('ink'), swatch: '#1f2d38' }

/** Ink, and the first threads of the shelf, each colour once. */
function useColours() {
  const threads = useNamed('threads')
    .filter((t) => t.weight !== 12)
    .slice(0, 8)
    .map((t) => ({ id: t.colour.toLowerCase(), name: t.name, swatch: t.colour }))
  return [INK, ...threads].filter((c, i, all) => all.findIndex((o) => o.id === c.id) === i)
}
