import { readNumber } from '@thimble/plan'
import { CheckBox } from '@rneui/themed'
import { familyFacts } from '@thimble/core/recipe'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { LimitedField } from '@/ui/LimitedField'
import { useKeptText } from '@/ui/useKeptText'
import { Words } from '@/ui/Words'
import { clothChoices, grounds } from '@/words/clothWords'
import type { PieceTools } from './usePiece'

const uses = [
  { id: 'nextToSkin', name: 'Worn next to skin' },
  { id: 'infant', name: 'For an infant' },
  { id: 'heirloom', name: 'Kept as an heirloom' },
  { id: 'backSeen', name: 'The back is seen' },
] as const

const washed = [
  { id: 'never', name: 'Never' },
  { id: 'sometimes', name: 'Now and then' },
  { id: 'daily', name: 'All the time' },
] as const

/** Family, pull test, colour and use: the four questions the recipe needs. */
export function ClothQuestions({ tools: { piece, set } }: { tools: PieceTools }) {
  const { cloth, use } = piece.build
  const facts = familyFacts[cloth.family]
  const known = grounds.some((g) => g.id === cloth.colour)
  return (
    <View style={{ gap: 14 }}>
      <Choices
        label="1  What cloth is it"
        long
        choices={clothChoices}
        value={cloth.family}
        onChange={(family) => set({ build: { cloth: { family } } })}
      />
      <LimitedField
        label="2  Pull test: stretch over 100 mm"
        most={10}
        suffix="%"
        big
        keyboard="numeric"
        value={cloth.stretch}
        problem={readNumber(cloth.stretch, 200).problem}
        placeholder={`${(facts.stretch[0] + facts.stretch[1]) / 2}`}
        hint={`A gentle pull across by hand. Usual for this cloth: ${facts.stretch[0]} to ${facts.stretch[1]} %.`}
        onChange={(stretch) => set({ build: { cloth: { stretch } } })}
      />
      <Choices
        label="3  Its colour"
        choices={known ? grounds : [...grounds, { id: cloth.colour, name: 'Its own', swatch: cloth.colour }]}
        value={cloth.colour}
        onChange={(colour) => set({ build: { cloth: { colour } } })}
      />
      <OwnColour
        slot={`colour.${piece.id}`}
        colour={cloth.colour}
        onChange={(colour) => set({ build: { cloth: { colour } } })}
      />
      <View style={{ gap: 4 }}>
        <Words soft>4 What becomes of it</Words>
        {uses.map(({ id, name }) => (
          <CheckBox
            key={id}
            title={name}
            checked={use[id]}
            onPress={() => set({ build: { use: { [id]: !use[id] } } })}
            role="checkbox"
            aria-checked={use[id]}
            wrapperStyle={{ minHeight: 44 }}
            textStyle={{ marginLeft: 12 }}
          />
        ))}
      </View>
      <Choices
        label="Washed"
        choices={washed}
        value={use.laundering}
        onChange={(laundering) => set({ build: { use: { laundering } } })}
      />
    </View>
  )
}

function OwnColour({ slot, colour, onChange }: { slot: string; colour: string; onChange: (colour: string) => void }) {
  const [text, setText] = useKeptText(slot, '')
  const isColour = (typed: string): boolean => /^#[0-9a-f]{6}$/i.test(typed)
  const bad = text.trim() !== '' && !isColour(text.trim())
  const type = (typed: string): void => {
    const good = isColour(typed.trim())
    setText(typed, good || typed.trim() === '')
    if (good) onChange(typed.trim().toLowerCase())
  }
  return (
    <Field
      label="Or its colour as a code"
      value={text}
      placeholder={colour}
      problem={bad ? 'Write it as # and six digits, such as #27406b.' : null}
      onChange={type}
    />
  )
}
