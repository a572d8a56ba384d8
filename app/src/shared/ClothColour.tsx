import { things as t } from '@thimble/language/en/things'
import { useState } from 'react'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { grounds } from '@/words/clothWords'

type Props = { value: string; onChange: (colour: string) => void; label?: string }

/** A cloth's colour: one of the usual grounds, or any by its number. */
export function ClothColour({ value, onChange, label = t('cloth-colour') }: Props) {
  const known = grounds.some((g) => g.id === value)
  const [own, setOwn] = useState(!known)
  const [text, setText] = useState(value)
  const good = /^#[0-9a-f]{6}$/i.test(text.trim())
  return (
    <>
      <Choices
        label={label}
        choices={[...grounds, { id: 'own', name: t('its-own'), swatch: own ? value : '#ffffff' }]}
        value={own ? 'own' : value}
        onChange={(id) => {
          setOwn(id === 'own')
          if (id !== 'own') onChange(id)
        }}
      />
      {own ? (
        <Field
          label={t('colour')}
          value={text}
          hint={t('as-rrggbb')}
          problem={good ? null : t('is-not-a-colour-write', { text })}
          onChange={(t) => {
            setText(t)
            if (/^#[0-9a-f]{6}$/i.test(t.trim())) onChange(t.trim().toLowerCase())
          }}
        />
      ) : null}
    </>
  )
}
