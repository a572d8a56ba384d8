import { readNumber } from '@thimble/plan'
import { Field } from './Field'
import { useDraftText } from './useDraftText'

type Props = {
  /** Tells it from another of the same label. */
  slot: string
  label: string
  value: number | null
  most: number
  onChange: (value: number) => void
  suffix?: string
  half?: boolean
  hint?: string
  placeholder?: string
}

/** A number; what cannot be read stays as typed, is said, and is not kept. */
export function NumberField({ slot, value, most, onChange, ...rest }: Props) {
  const [text, setText] = useDraftText(`number.${slot}`, value === null ? '' : String(value))
  const { problem } = readNumber(text, most)
  const type = (typed: string): void => {
    const read = readNumber(typed, most)
    const good = read.problem === null && read.value !== null
    setText(typed, good)
    if (good) onChange(read.value!)
  }
  return <Field {...rest} value={text} problem={problem} keyboard="numeric" onChange={type} />
}
