import { program as t } from '@thimble/language/en/program'
import { Field } from './Field'
import { useDraftText } from './useDraftText'

type Props = { slot: string; name: string; onChange: (name: string) => void }

const problemOf = (text: string): string | null =>
  text.trim() === '' ? t('it-needs-a-name') : text.length > 120 ? t('keep-it-under-120-characters') : null

/** A name that may not be empty; while it is, it stays typed and the old one stays kept. */
export function NameField({ slot, name, onChange }: Props) {
  const [text, setText] = useDraftText(slot, name)
  const type = (next: string): void => {
    const good = problemOf(next) === null
    setText(next, good)
    if (good) onChange(next.trim())
  }
  return <Field label={t('name')} value={text} problem={problemOf(text)} onChange={type} />
}
