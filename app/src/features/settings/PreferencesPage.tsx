import { useSay } from '@/ui/useSay'
import { settings as t } from '@thimble/language/en/settings'
import { type HabitQuestion, habitQuestions } from '@thimble/core/habits'
import { habitExample } from '@thimble/plan/habitExample'
import { useLocalSearchParams } from 'expo-router'
import { useMemo, useState } from 'react'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices } from '@/forms/FormField'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'
import { Disclosure } from '@/ui/Disclosure'
import { Fold } from '@/ui/Fold'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { type SettingsForm, useSettingsForm } from './useSettingsForm'

/** The shop's own way where practitioners differ: what each choice leads to, and what it comes to on a piece of its own. */
export function PreferencesPage() {
  const { control } = useSettingsForm()
  const { open } = useLocalSearchParams<{ open?: string }>()
  return (
    <Page title={t('preferences')} back>
      <Section says={t('choose-how-your-shop-does')} />
      {habitQuestions.map((question) => (
        <Preference key={question.id} question={question} control={control} open={open === question.id} />
      ))}
    </Page>
  )
}

type PreferenceProps = Pick<SettingsForm, 'control'> & { question: HabitQuestion; open: boolean }

function Preference({ question, control, open }: PreferenceProps) {
  const say = useSay()
  const { id, asks, choices } = question
  const chosen = useWatch({ control, name: `habits.${id}` })
  const [first] = useState(chosen)
  const found = choices.find((c) => c.value === chosen)
  return (
    <Fold title={say(asks)} answer={found ? say(found.name) : ''} open={open}>
      <FormChoices
        control={control}
        name={`habits.${id}`}
        label={say(asks)}
        choices={choices.map((c) => ({ id: c.value, name: say(c.name) }))}
      />
      <Text soft>{found ? say(found.means) : ''}</Text>
      {/* One that is changed shows at once what that comes to. */}
      <Disclosure key={String(chosen !== first)} title={t('example')} open={chosen !== first}>
        <OnOwnPiece question={question} chosen={chosen} />
      </Disclosure>
    </Fold>
  )
}

/** What each choice comes to on the first piece of the shop that tells them apart. */
function OnOwnPiece({ question: { id, choices }, chosen }: { question: HabitQuestion; chosen: string }) {
  const inUnits = useUnits()
  const say = useSay()
  const pieces = useNamed('pieces')
  const shelf = usePlanShelf()
  const example = useMemo(
    () =>
      habitExample(
        id,
        choices.map((c) => c.value),
        pieces,
        shelf,
      ),
    [id, choices, pieces, shelf],
  )
  if (!example) return <Text soft>{t('it-changes-none-of-your')}</Text>
  return (
    <View style={{ gap: 2 }}>
      <Text soft>{`“${example.piece}”`}</Text>
      {choices.map((c) =>
        example.comes[c.value] ? (
          <Text key={c.value} soft={c.value !== chosen} bold={c.value === chosen}>
            {`${say(c.name)}: ${inUnits(example.comes[c.value]!)}`}
          </Text>
        ) : null,
      )}
    </View>
  )
}
