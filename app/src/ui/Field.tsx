import { Input } from '@rneui/themed'
import { useId, useState } from 'react'
import { type KeyboardTypeOptions, StyleSheet, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { FieldProblem } from './FieldProblem'
import { Text } from './Text'

type Props = {
  label: string
  value: string
  onChange: (text: string) => void
  hint?: string
  problem?: string | null
  placeholder?: string
  suffix?: string
  big?: boolean
  multiline?: boolean
  /** How many lines of it are seen at once, where it is long. */
  lines?: number
  /** Shares its row with others. */
  half?: boolean
  keyboard?: KeyboardTypeOptions
  /** A search of the place, or a number of the tape, after which comes the next. */
  kind?: 'search' | 'number' | 'fraction'
  onEnter?: () => void
  onFocus?: () => void
  onBlur?: () => void
}

/** One thing to type: label above, how-to and problem below, all tied together for screen readers. */
export function Field({ hint, problem, half, ...box }: Props) {
  const id = useId()
  const says = problem ? `${id}-problem` : hint ? `${id}-hint` : undefined
  return (
    <View style={half ? { flex: 1, minWidth: 0 } : undefined}>
      <Framed {...box} id={id} says={says} wrong={Boolean(problem)} />
      {problem ? (
        <FieldProblem id={`${id}-problem`}>{problem}</FieldProblem>
      ) : hint ? (
        <Hint id={`${id}-hint`}>{hint}</Hint>
      ) : null}
    </View>
  )
}

type FramedProps = Omit<Props, 'hint' | 'problem' | 'half'> & Pick<BoxProps, 'id' | 'says' | 'wrong'>

/** The label over the box, in one frame that is all of it a target. */
function Framed({ label, suffix, keyboard, onFocus, onBlur, ...box }: FramedProps) {
  const p = usePalette()
  const [focused, setFocused] = useState(false)
  const marked = focused || box.wrong
  return (
    <View
      role={'label' as never}
      style={{
        backgroundColor: p.paper,
        borderWidth: marked ? 2 : 1,
        margin: marked ? 0 : 1,
        borderColor: box.wrong ? p.madder : focused ? p.indigo : p.edge,
        borderRadius: 4,
        paddingHorizontal: 10,
        paddingTop: 8,
      }}
    >
      <Text soft nativeID={`${box.id}-label`}>
        {label}
      </Text>
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <View style={{ flex: 1, minWidth: 0 }}>
          <TextBox
            {...box}
            numeric={keyboard === 'numeric'}
            onFocus={() => {
              setFocused(true)
              onFocus?.()
            }}
            onBlur={() => {
              setFocused(false)
              onBlur?.()
            }}
          />
        </View>
        {suffix ? <Text soft>{suffix}</Text> : null}
      </View>
    </View>
  )
}

function Hint({ id, children }: { id: string; children: string }) {
  return (
    <Text soft nativeID={id} style={{ fontSize: 14, lineHeight: 19, marginTop: 2 }}>
      {children}
    </Text>
  )
}

type BoxProps = Pick<
  Props,
  'value' | 'onChange' | 'placeholder' | 'big' | 'multiline' | 'lines' | 'kind' | 'onEnter'
> & {
  id: string
  wrong: boolean
  says: string | undefined
  numeric: boolean
  onFocus: () => void
  onBlur: () => void
}

/**
 * The box typed into. What is typed shows at once, even while the page it belongs to is still being worked out; what
 * the page makes of it comes in when nobody is typing.
 */
function TextBox({ id, value, onChange, wrong, says, numeric, kind, onEnter, onFocus, onBlur, ...box }: BoxProps) {
  const { placeholder, big, multiline, lines } = box
  const [text, setText] = useState(value)
  const [last, setLast] = useState(value)
  const [typing, setTyping] = useState(false)
  if (value !== last) {
    setLast(value)
    if (!typing || value === '') setText(value)
  }
  return (
    <Input
      aria-labelledby={`${id}-label`}
      aria-describedby={says}
      aria-invalid={wrong}
      value={text}
      onChangeText={(typed) => {
        setText(typed)
        onChange(typed)
      }}
      placeholder={placeholder}
      multiline={multiline}
      {...(numeric ? { inputMode: 'numeric' } : kind ? kinds[kind] : {})}
      onSubmitEditing={kind === 'search' || !kind ? onEnter : goToNext}
      onFocus={() => {
        setTyping(true)
        onFocus()
      }}
      onBlur={() => {
        setTyping(false)
        onBlur()
      }}
      inputStyle={[styles.box, big && styles.big, multiline && styles.tall, lines ? { minHeight: lines * LINE } : null]}
      renderErrorMessage={false}
    />
  )
}

const tape = { enterKeyHint: 'next', autoCorrect: false, autoCapitalize: 'none', spellCheck: false } as const
/** A keypad for numbers; fractions need the whole keyboard. */
const kinds = {
  search: { inputMode: 'search', enterKeyHint: 'search' },
  number: { inputMode: 'decimal', ...tape },
  fraction: { inputMode: 'text', ...tape },
} as const

/** From one number of the tape to the one below it. */
function goToNext({ target }: { target: unknown }): void {
  const numbers = [...document.querySelectorAll<HTMLInputElement>('input[enterkeyhint=next]')]
  numbers[numbers.indexOf(target as HTMLInputElement) + 1]?.focus()
}

/** Height of a line of text, in pixels. */
const LINE = 24

const styles = StyleSheet.create({
  box: { outlineStyle: 'none' as never, width: '100%', minWidth: 0 },
  big: { fontFamily: 'TextBold', fontSize: 26 },
  tall: { minHeight: 72, textAlignVertical: 'top' },
})
