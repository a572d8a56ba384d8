import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { radio, RadioGroup } from './RadioGroup'
import { Words } from './Words'

export type Choice<T extends string> = { id: T; name: string; swatch?: string }
type Props<T extends string> = {
  label: string
  choices: readonly Choice<T>[]
  value: T | null
  onChange: (id: T) => void
  long?: boolean
}

/** One of several: as a row of tags, or for long lists as a line that opens. */
export function Choices<T extends string>({ label, choices, value, onChange, long }: Props<T>) {
  const p = usePalette()
  const [open, setOpen] = useState(false)
  const chosen = choices.find((c) => c.id === value)
  const shown = long && !open ? [] : choices
  return (
    <RadioGroup label={label} style={{ gap: 6 }}>
      <Words soft>{label}</Words>
      {long && !open ? (
        <Pressable
          role="button"
          aria-label={`${label}: ${chosen?.name ?? 'choose'}`}
          onPress={() => setOpen(true)}
          style={{
            minHeight: 48,
            flexDirection: 'row',
            alignItems: 'center',
            justifyContent: 'space-between',
            backgroundColor: p.paper,
            borderWidth: 1,
            borderColor: p.seam,
            borderRadius: 4,
            paddingHorizontal: 12,
          }}
        >
          <Words bold style={{ flex: 1 }}>
            {chosen?.name ?? 'Choose'}
          </Words>
          <Words tone="indigo" bold>
            change
          </Words>
        </Pressable>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {shown.map((choice, i) => (
          <Tag
            key={choice.id}
            choice={choice}
            on={choice.id === value}
            first={!chosen && i === 0}
            onPress={() => {
              onChange(choice.id)
              setOpen(false)
            }}
          />
        ))}
      </View>
    </RadioGroup>
  )
}

type TagProps<T extends string> = { choice: Choice<T>; on: boolean; first: boolean; onPress: () => void }

function Tag<T extends string>({ choice, on, first, onPress }: TagProps<T>) {
  const p = usePalette()
  return (
    <Pressable
      {...radio(on, first)}
      onPress={onPress}
      style={{
        minHeight: 44,
        justifyContent: 'center',
        alignItems: 'center',
        flexDirection: 'row',
        gap: 8,
        paddingHorizontal: 14,
        borderRadius: 4,
        borderWidth: on ? 2 : 1,
        borderColor: on ? p.indigo : p.seam,
        backgroundColor: p.paper,
      }}
    >
      {choice.swatch ? (
        <View
          style={{
            width: 22,
            height: 22,
            borderRadius: 2,
            backgroundColor: choice.swatch,
            borderWidth: 1,
            borderColor: p.seam,
          }}
        />
      ) : null}
      <Words bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 16 }}>
        {choice.name}
      </Words>
    </Pressable>
  )
}
