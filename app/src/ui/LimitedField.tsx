import { program as t } from '@thimble/language/en/program'
import { usePathname } from 'expo-router'
import { type ComponentProps } from 'react'
import { Field } from './Field'
import { useDraftText } from './useDraftText'

type Props = ComponentProps<typeof Field> & {
  /** Characters it takes. */
  most: number
  /** Tells it from another of the same label on the same page. */
  slot?: string
}

export const tooLong = (text: string, most: number): string | null =>
  text.length > most ? t('keep-it-under-characters-you', { most, text: text.length }) : null

/** A field that takes so much text and no more: what is longer stays as typed, is said, and is not sent until it fits. */
export function LimitedField({ slot = '', most, value, problem, onChange, ...rest }: Props) {
  const [text, setText] = useDraftText(`${usePathname()}.${rest.label}.${slot}`, value)
  const long = tooLong(text, most)
  const type = (next: string): void => {
    const fits = next.length <= most
    setText(next, fits)
    if (fits) onChange(next)
  }
  return <Field {...rest} value={long ? text : value} problem={long ?? problem} onChange={type} />
}
