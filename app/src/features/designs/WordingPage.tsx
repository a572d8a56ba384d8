import { Button } from '@rneui/themed'
import { Asset } from 'expo-asset'
import { useRouter } from 'expo-router'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { atDesk } from '@/drawings/desk'
import { DesignBoard } from '@/drawings/DesignBoard'
import { designOf } from '@/drawings/useIntake'
import { groundFor } from '@/drawing/clothInk'
import { readSigned, readTyped } from '@/plan/readTyped'
import { createDrawn, useShelf } from '@/state/store'
import { typefaces } from '@/theme/typefaces'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Words } from '@/ui/Words'
import type { DesignDesk } from '@/workers/designWorker'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { DraftLength } from '../stash/DraftLength'
import { useDraft } from '../stash/useDraft'
import { useNamed } from '../useShelfDocs'

type Set = Awaited<ReturnType<DesignDesk['wording']>>
type Request = Parameters<DesignDesk['wording']>[0]

const PAUSE_MS = 120

/** A line of wording from a typeface that ships with the program, by the height of its capitals. */
export function WordingPage() {
  const style = useShelf((s) => s.shop)
  const router = useRouter()
  const threads = useNamed('threads')
  const draft = useDraft('wording', {
    text: '',
    face: typefaces[0]!.id,
    height: '12 mm',
    spacing: '0',
    colour: '#1f2d38',
  })
  const { texts, type } = draft
  const { mm: height, problem: heightWrong } = readTyped({ text: texts.height, unit: style.unit })
  const spacing = readSigned({ text: texts.spacing, unit: style.unit })
  const face = typefaces.find((f) => f.id === texts.face) ?? typefaces[0]!
  const request: Request | null =
    texts.text.trim() && height && spacing.mm !== null
      ? { text: texts.text, letterHeight: height, spacing: spacing.mm, colour: texts.colour }
      : null
  const { set, problem } = useSetting(request, Asset.fromModule(face.file).uri)
  const { busy, problem: unkept, run } = useTask()
  const keep = (): void =>
    void run(async () => {
      const id = crypto.randomUUID()
      const made = await atDesk((d) => d.wording(request!, Asset.fromModule(face.file).uri, id))
      createDrawn(
        designOf(id, {
          name: texts.text.trim().slice(0, 120),
          kind: 'wording',
          note: `Set in ${face.name}.`,
          smallestLetterMm: made.smallestLetterMm,
          change: { scale: 1, rotate: 0, mirror: 'none' },
          order: null,
          ...made.design,
        }),
      )
      draft.forget()
      router.replace(`/designs/${id}`)
    })
  return (
    <Page
      title="A line of wording"
      back
      tape={!set}
      foot={<Button title="Keep it" disabled={!set || !request || problem !== null || busy} onPress={keep} />}
    >
      {set ? (
        <DesignBoard
          opened={set}
          height={200}
          unit={style.unit}
          ground={groundFor(set.design.colours)}
          label="The wording, to scale"
        />
      ) : null}
      <Section>
        {set && request && !problem ? (
          <>
            <Words bold style={{ fontSize: 24, lineHeight: 30 }}>
              {`${formatLength(set.design.width, style)} × ${formatLength(set.design.height, style)}`}
            </Words>
            <Words
              soft
            >{`About ${set.design.stitches.toLocaleString('en')} stitches; the smallest letter is ${formatLength(set.smallestLetterMm, style)} high.`}</Words>
            {set.design.summary.warnings.map((a) => (
              <AdviceBar key={a.code} advice={a} />
            ))}
          </>
        ) : null}
        <Field
          label="The words"
          value={texts.text}
          problem={request ? problem : null}
          placeholder="Marram & Tide"
          onChange={(t) => type('text', t)}
        />
        <Choices label="Typeface" choices={typefaces} value={face.id} onChange={(t) => type('face', t)} />
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <DraftLength
            half
            draft={{ ...draft, problems: { height: heightWrong ?? undefined } }}
            field="height"
            label="Height of a capital"
            unit={style.unit}
          />
          <DraftLength
            half
            draft={{ ...draft, problems: { spacing: spacing.problem ?? undefined } }}
            field="spacing"
            label="More between letters"
            unit={style.unit}
          />
        </View>
        <Choices
          label="Colour"
          choices={[
            { id: '#1f2d38', name: 'Ink', swatch: '#1f2d38' },
            ...threads
              .filter((t) => t.weight !== 12)
              .slice(0, 8)
              .map((t) => ({ id: t.colour.toLowerCase(), name: t.name, swatch: t.colour })),
          ].filter((c, i, all) => all.findIndex((o) => o.id === c.id) === i)}
          value={texts.colour}
          onChange={(t) => type('colour', t)}
        />
        {unkept ? <FieldProblem id="keep">{unkept}</FieldProblem> : null}
      </Section>
    </Page>
  )
}

/** The wording as the worker sets it, a moment after the last key. */
function useSetting(request: Request | null, font: string): { set: Set | null; problem: string | null } {
  const [state, setState] = useState<{ set: Set | null; problem: string | null }>({ set: null, problem: null })
  const key = JSON.stringify(request)
  useEffect(() => {
    if (key === 'null') return
    let gone = false
    const timer = setTimeout(() => {
      atDesk((d) => d.wording(JSON.parse(key), font, null)).then(
        (set) => gone || setState({ set, problem: null }),
        (error: Error) => gone || setState((last) => ({ ...last, problem: error.message })),
      )
    }, PAUSE_MS)
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [key, font])
  return state
}
