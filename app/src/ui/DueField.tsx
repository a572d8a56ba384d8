import { program as t } from '@thimble/language/en/program'
import { platformLocale } from '@thimble/language'
import { dateText } from '@/words/dates'
import { readDate } from '@/words/readDate'
import { Field } from './Field'
import { useDraftText } from './useDraftText'

type Props = { slot: string; due: string | null; onChange: (due: string | null) => void }

/** When something is due, as people write it; what cannot be read stays typed and is not sent. */
export function DueField({ slot, due, onChange }: Props) {
  const [text, setText] = useDraftText(`due.${slot}`, due ? dateText(due) : '')
  const read = (typed: string): string | null => readDate(typed, new Date(), platformLocale)
  const type = (typed: string): void => {
    const date = read(typed)
    const good = typed.trim() === '' || date !== null
    setText(typed, good)
    if (good) onChange(date)
  }
  return (
    <Field
      half
      label={t('due')}
      value={text}
      placeholder={t('30-nov')}
      problem={text.trim() === '' || read(text) ? null : t('write-the-date-like-30')}
      onChange={type}
    />
  )
}
