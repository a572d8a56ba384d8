import { type HabitQuestion, habitQuestions } from '@thimble/core/habits'
import { habitExample } from '@thimble/plan/habitExample'
import { useMemo, useState } from 'react'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices } from '@/forms/FormField'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import type { SettingsForm } from './useSettingsForm'

/** The shop's own way where practitioners differ: what each choice leads to, and on request what it comes to on a piece of its own. */
export function HabitSection({ control }: Pick<SettingsForm, 'control'>) {
  return (
    <Section
      title="House habits"
      says="Where practitioners differ, the program follows yours and says so. The other way is still offered."
    >
      {habitQuestions.map((question) => (
        <HabitBlock key={question.id} question={question} control={control} />
      ))}
    </Section>
  )
}

type BlockProps = Pick<SettingsForm, 'control'> & { question: HabitQuestion }

function HabitBlock({ question, control }: BlockProps) {
  const p = usePalette()
  const inUnits = useUnits()
  const { id, asks, choices } = question
  const chosen = useWatch({ control, name: `habits.${id}` })
  // A habit that is changed shows at once what that comes to.
  const [first] = useState(chosen)
  const changed = chosen !== first
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingTop: 12, gap: 6 }}>
      <FormChoices
        control={control}
        name={`habits.${id}`}
        label={asks}
        choices={choices.map((c) => ({ id: c.value, name: inUnits(c.name) }))}
      />
      <Text soft>{inUnits(choices.find((c) => c.value === chosen)?.means ?? '')}</Text>
      <Disclosure key={String(changed)} title="On a piece of yours" open={changed}>
        <OnOwnPiece question={question} chosen={chosen} />
      </Disclosure>
    </View>
  )
}

/** What each choice comes to on the first piece of the shop that tells them apart. */
function OnOwnPiece({ question: { id, choices }, chosen }: { question: HabitQuestion; chosen: string }) {
  const inUnits = useUnits()
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
  if (!example) return <Text soft>None of your pieces comes out differently by it.</Text>
  return (
    <View style={{ gap: 2 }}>
      <Text soft>{`“${example.piece}”`}</Text>
      {choices.map((c) =>
        example.comes[c.value] ? (
          <Text key={c.value} soft={c.value !== chosen} bold={c.value === chosen}>
            {inUnits(`${c.name}: ${example.comes[c.value]}`)}
          </Text>
        ) : null,
      )}
    </View>
  )
}
