import { designs as t } from '@thimble/language/en/designs'
import { readTyped } from '@thimble/plan'
import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import { SMALL_LETTER, smallLetterAdvice } from '@thimble/core/design'
import { formatLength } from '@thimble/core/lengths'
import { View } from 'react-native'
import { useRouter } from 'expo-router'
import { patch, remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { LimitedField } from '@/ui/LimitedField'
import { NameField } from '@/ui/NameField'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { useDraftText } from '@/ui/useDraftText'
import { useNamed } from '@/state/useShelfDocs'
import { threadFor } from '@/words/threadWords'
import { workKinds } from '@/words/designWords'

/** What its owner says of it: name, kind, smallest letter, note. */
export function AboutSection({ design }: { design: DesignCard }) {
  const router = useRouter()
  const style = useDocuments((s) => s.shop)
  const { id, smallestLetterMm } = design
  const [letter, setLetter] = useDraftText(
    `letter.${id}`,
    smallestLetterMm ? formatLength(smallestLetterMm, style) : '',
  )
  const { mm, problem } = readTyped({ text: letter, unit: style.unit })
  const wrong = problem ?? (mm !== null && (mm <= 0 || mm > 300) ? t('a-letter-is-up-to') : null)
  const typeLetter = (text: string): void => {
    const read = readTyped({ text, unit: style.unit })
    const good = !read.problem && (read.mm === null || (read.mm > 0 && read.mm <= 300))
    setLetter(text, good)
    if (good) patch('designs', id, { smallestLetterMm: read.mm })
  }
  return (
    <Section title={t('about-it')}>
      <NameField slot={`design.${id}`} name={design.name} onChange={(name) => patch('designs', id, { name })} />
      <Choices
        label={t('what-is-it')}
        choices={workKinds}
        value={design.kind}
        onChange={(kind) => patch('designs', id, { kind })}
      />
      <Field
        label={t('smallest-letter-height-if-any')}
        value={letter}
        placeholder={t('none-2')}
        problem={wrong}
        onChange={typeLetter}
      />
      {smallestLetterMm ? smallLetterAdvice(smallestLetterMm).map((a) => <AdviceBar key={a.code} advice={a} />) : null}
      <SmallLetters design={design} />
      <LimitedField
        label={t('note')}
        most={4000}
        multiline
        value={design.note}
        onChange={(note) => patch('designs', id, { note })}
      />
      <Button
        type="outline"
        title={t('remove-this-design')}
        onPress={() => {
          remove('designs', id, design.name)
          router.replace('/designs')
        }}
      />
    </Section>
  )
}

/** Which of its colours the small letters are in: these alone take a finer thread and needle. */
function SmallLetters({ design: { id, smallestLetterMm, colours, smallLetterColours } }: { design: DesignCard }) {
  const threads = useNamed('threads')
  const each = [...new Set(colours)]
  if ((smallestLetterMm ?? Infinity) >= SMALL_LETTER || each.length < 2) return null
  const has = (colour: string): boolean => smallLetterColours.includes(colour)
  return (
    <View role="group" aria-label={t('small-letters-are-in')}>
      <Text soft>{t('small-letters-are-in')}</Text>
      {each.map((colour) => (
        <CheckboxRow
          key={colour}
          title={threadFor(colour, threads)}
          done={has(colour)}
          onChange={(done) =>
            patch('designs', id, { smallLetterColours: each.filter((c) => (c === colour ? done : has(c))) })
          }
        />
      ))}
    </View>
  )
}
