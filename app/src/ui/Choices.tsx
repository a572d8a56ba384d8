import { program as t } from '@thimble/language/en/program'
import { useEffect, useId, useRef, useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { radio, RadioGroup } from './RadioGroup'
import { Text } from './Text'

export type Choice<T extends string> = { id: T; name: string; swatch?: string }
type Props<T extends string> = {
  label: string
  choices: readonly Choice<T>[]
  value: T | null
  onChange: (id: T) => void
  long?: boolean
  /** Its label stands over it as a heading. */
  quiet?: boolean
}

/** One of several: as a row of tags, or for long lists as a line that opens. */
export function Choices<T extends string>({ long, ...props }: Props<T>) {
  return long ? <LongChoices {...props} /> : <Tags {...props} />
}

/** `opened`: they came in the place of a line, so the cursor comes with them and only moves by arrows. */
function Tags<T extends string>({ label, quiet, choices, value, onChange, opened }: Props<T> & { opened?: boolean }) {
  const chosen = choices.some((c) => c.id === value)
  return (
    <RadioGroup label={label} moves={opened} style={{ gap: 6 }}>
      {quiet ? null : (
        <Text soft aria-hidden>
          {label}
        </Text>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {choices.map((choice, i) => {
          const on = choice.id === value
          const first = !chosen && i === 0
          return (
            <Tag
              key={choice.id}
              choice={choice}
              on={on}
              first={first}
              cursor={opened === true && (on || first)}
              onPress={() => onChange(choice.id)}
            />
          )
        })}
      </View>
    </RadioGroup>
  )
}

const focus = (at: View | null): void => (at as unknown as HTMLElement | null)?.focus()

/** A line with what is chosen; open, the choices in its place, with the cursor on the one that is. */
function LongChoices<T extends string>(props: Props<T>) {
  const p = usePalette()
  const id = useId()
  const { label, choices, value, onChange } = props
  const [open, setOpen] = useState(false)
  const line = useRef<View>(null)
  const was = useRef(false)
  useEffect(() => {
    if (was.current && !open) focus(line.current)
    was.current = open
  }, [open])
  const chosen = choices.find((c) => c.id === value)
  if (open)
    return (
      <Tags
        {...props}
        opened
        onChange={(picked) => {
          onChange(picked)
          setOpen(false)
        }}
      />
    )
  return (
    <View style={{ gap: 6 }}>
      <Text soft nativeID={`${id}-label`}>
        {label}
      </Text>
      <Pressable
        ref={line}
        role="button"
        nativeID={id}
        aria-labelledby={`${id}-label ${id}`}
        aria-expanded={false}
        onPress={() => setOpen(true)}
        style={{
          minHeight: 48,
          flexDirection: 'row',
          alignItems: 'center',
          justifyContent: 'space-between',
          backgroundColor: p.paper,
          borderWidth: 1,
          borderColor: p.edge,
          borderRadius: 4,
          paddingHorizontal: 12,
        }}
      >
        <Text bold style={{ flex: 1 }}>
          {chosen?.name ?? t('choose')}
        </Text>
        <Text tone="indigo" bold>
          {t('change')}
        </Text>
      </Pressable>
    </View>
  )
}

type TagProps<T extends string> = {
  choice: Choice<T>
  on: boolean
  first: boolean
  cursor: boolean
  onPress: () => void
}

function Tag<T extends string>({ choice, on, first, cursor, onPress }: TagProps<T>) {
  const p = usePalette()
  const tag = useRef<View>(null)
  useEffect(() => {
    if (cursor) focus(tag.current)
    // Only as it comes up.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  return (
    <Pressable
      {...radio(on, first)}
      ref={tag}
      onPress={onPress}
      style={{
        minHeight: 44,
        minWidth: 44,
        maxWidth: '100%',
        justifyContent: 'center',
        alignItems: 'center',
        flexDirection: 'row',
        gap: 8,
        paddingHorizontal: 14,
        borderRadius: 4,
        borderWidth: on ? 2 : 1,
        borderColor: on ? p.indigo : p.edge,
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
      <Text bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 16, flexShrink: 1 }}>
        {choice.name}
      </Text>
    </Pressable>
  )
}
