import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Account } from '@thimble/contract'
import { type ReactNode, useState } from 'react'
import { moveStock, useLeft } from '@/shared/stock'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useDraftText } from '@/ui/useDraftText'
import { BigNumbers, Text } from '@/ui/Text'
import { leftText } from '@/words/stockWords'
import { Moved } from './Moved'
import { SpokenFor } from './SpokenFor'
import { movedBy, pieceTakes, readAmount, type StockKind, waysToMove } from './stockTexts'

type Props = {
  of: Account
  thing: { id: string; name: string; revision: number; sheetMm?: number | null }
  left: number | null
  /** What else tells how much there is. */
  children?: ReactNode
}

/** What is left of a thing, what of it is spoken for, and what moved: written down, never typed over. */
export function StockSection({ of, thing, left: kept, children }: Props) {
  const left = useLeft(of, thing, kept)
  const { says, wrong } = leftText(of, left, thing)
  return (
    <Section title={t('stock')}>
      <BigNumbers>{says}</BigNumbers>
      {wrong ? <Text tone="madder">{wrong}</Text> : null}
      <SpokenFor of={of} thing={thing} left={left} />
      <MoveIt of={of} thing={thing} />
      {children}
      <Disclosure title={t('history')}>
        <Moved of={of} thing={thing} />
      </Disclosure>
    </Section>
  )
}

function MoveIt({ of, thing }: Pick<Props, 'of' | 'thing'>) {
  const { kinds, unit } = waysToMove(of, thing)
  const [kind, setKind] = useState<StockKind>('bought')
  const [text, setText] = useDraftText(`moved.${of}.${thing.id}`, '')
  const { value, problem } = readAmount(of, text, thing)
  const nothing = value === 0 && kind !== 'corrected'
  const write = (): void => {
    const { moved, says } = movedBy(of, thing.name, kind, value!, thing)
    moveStock(of, thing, moved, says)
    setText('', true)
  }
  return (
    <>
      {pieceTakes(of) ? <Text soft>{t('pieces-are-deducted-when-they')}</Text> : null}
      <Choices label={t('what-happened')} choices={kinds} value={kind} onChange={setKind} />
      <Field
        label={kind === 'corrected' ? t('counted-2') : t('how-much')}
        keyboard="numeric"
        suffix={unit}
        value={text}
        problem={problem}
        onChange={(typed) => setText(typed, typed === '')}
      />
      <Button type="outline" title={t('save-stock')} disabled={value === null || nothing} onPress={write} />
    </>
  )
}
