import { type HabitQuestion, habitQuestions } from '@thimble/core/habits'
import { type HabitExample, habitExample } from '@thimble/plan'
import { useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices } from '@/forms/FormField'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Words } from '@/ui/Words'
import type { SettingsForm } from './useSettingsForm'

/** The shop's own way where practitioners differ: what each choice leads to, told on a piece of its own. */
export function HabitSection({ control }: Pick<SettingsForm, 'control'>) {
  const pieces = useNamed('pieces')
  const shelf = usePlanShelf()
  const examples = useMemo(
    () =>
      habitQuestions.map(({ id, choices }) =>
        habitExample(
          id,
          choices.map((c) => c.value),
          pieces,
          shelf,
        ),
      ),
    [pieces, shelf],
  )
  return (
    <Section
      title="House habits"
      says="Where practitioners differ, the program follows yours and says so. The other way is still offered."
    >
      {habitQuestions.map((question, i) => (
        <HabitBlock key={question.id} question={question} example={examples[i] ?? null} control={control} />
      ))}
    </Section>
  )
}

type BlockProps = Pick<SettingsForm, 'control'> & { question: HabitQuestion; example: HabitExample | null }

function HabitBlock({ question: { id, asks, choices }, example, control }: BlockProps) {
  const p = usePalette()
  const inUnits = useUnits()
  const chosen = useWatch({ control, name: `habits.${id}` })
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingTop: 12, gap: 6 }}>
      <FormChoices
        control={control}
        name={`habits.${id}`}
        label={asks}
        choices={choices.map((c) => ({ id: c.value, name: inUnits(c.name) }))}
      />
      <Words soft>{inUnits(choices.find((c) => c.value === chosen)?.means ?? '')}</Words>
      {example ? (
        <View style={{ gap: 2 }}>
          <Words soft style={{ fontSize: 14 }}>{`On “${example.piece}”`}</Words>
          {choices.map((c) =>
            example.comes[c.value] ? (
              <Words key={c.value} soft={c.value !== chosen} bold={c.value === chosen}>
                {inUnits(`${c.name}: ${example.comes[c.value]}`)}
              </Words>
            ) : null,
          )}
        </View>
      ) : null}
    </View>
  )
}
