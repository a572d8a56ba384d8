import { piece as t } from '@thimble/language/en/piece'
import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import { setOf } from '@thimble/plan/alongside'
import { nanoid } from 'nanoid'
import { View } from 'react-native'
import { create, patch } from '@/sync/changes'
import { Disclosure } from '@/ui/Disclosure'
import { Field } from '@/ui/Field'
import { useDraftText } from '@/ui/useDraftText'
import { Text } from '@/ui/Text'
import { useState } from 'react'

const MOST = 99
const SAYS = t('a-set-is-a-whole', { one: MOST })

/** A set of alike items: a ticket for each, numbered. */
export function AlikeSet({ piece, now }: { piece: Piece; now: () => Piece }) {
  const [text, setText] = useDraftText(`set.${piece.id}`, '')
  const [made, setMade] = useState(0)
  const count = /^\d{1,2}$/.test(text.trim()) ? Number(text) : NaN
  const good = count >= 2 && count <= MOST
  const make = (): void => {
    const more = setOf(now(), count, () => ({ id: nanoid(), now: new Date().toISOString() }))
    if (piece.run === '') patch('pieces', piece.id, { run: t('1-of', { count }) })
    for (const one of more) create('pieces', one)
    setMade(more.length)
    setText('', true)
  }
  return (
    <Disclosure title={t('a-set-of-alike-items')}>
      <View style={{ gap: 10 }}>
        <Field
          label={t('how-many-in-all-this')}
          value={text}
          keyboard="numeric"
          problem={text.trim() === '' || good ? null : SAYS}
          onChange={(typed) => {
            setMade(0)
            setText(typed, typed.trim() === '')
          }}
        />
        <Button
          type="outline"
          title={good ? t('make-more', { count: count - 1 }) : t('make-the-set')}
          disabled={!good}
          onPress={make}
        />
        {made > 0 ? <Text role="status">{t('more-on-the-bench-numbered', { made })}</Text> : null}
      </View>
    </Disclosure>
  )
}
