import { writeName } from '@thimble/language'
import { orders as t } from '@thimble/language/en/orders'
import { kindOfLine, lineName } from '@thimble/plan/orders'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { Pressable } from 'react-native'
import { useDocuments } from '@/state/store'
import { LimitedField } from '@/ui/LimitedField'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { Text } from '@/ui/Text'
import { LineCounts } from './LineCounts'
import { LineItem } from './LineItem'
import { LinePlaces } from './LinePlaces'
import { LinePrice } from './LinePrice'
import { LineSizes } from './LineSizes'
import { NoOrder } from './OrderPage'
import type { LineProps } from './lineProps'
import { setLine, setOrderUndoably, useOrder } from './useOrder'

/** One line of an order: what it is, how many, what goes where, and how each size comes out. */
export function LinePage() {
  const { id, line: lineId } = useLocalSearchParams<{ id: string; line: string }>()
  const order = useOrder(id)
  const line = order?.lines[lineId]
  if (!order || !line) return <NoOrder />
  return <Line order={order} id={lineId} line={line} set={(body) => setLine(id, lineId, body)} />
}

function Line(props: LineProps) {
  const { order, id, line, set } = props
  const begun = useDocuments((s) =>
    Object.values(s.docs.pieces).some((piece) => piece.order?.line === id && !s.gone.pieces[piece.id]),
  )
  return (
    <Page title={lineName(line)} aside={order.customer} back wideContent>
      <Split
        both
        list={
          <>
            <Section title={t('item')}>
              <LimitedField
                label={t('name')}
                most={120}
                slot={id}
                value={line.name}
                placeholder={writeName(kindOfLine(line).name)}
                onChange={(name) => set({ name })}
              />
              <LineItem {...props} begun={begun} />
            </Section>
            <LineCounts {...props} />
          </>
        }
        detail={
          <>
            <LinePlaces {...props} />
            <LineSizes {...props} />
            <LinePrice {...props} />
            <RemoveLine {...props} />
          </>
        }
      />
    </Page>
  )
}

function RemoveLine({ order, id, line }: LineProps) {
  const router = useRouter()
  const away = (): void => {
    router.replace(`/runs/order/${order.id}`)
    setOrderUndoably(order.id, { lines: { [id]: null } }, t('removed', { line: lineName(line) }))
  }
  return (
    <Section>
      <RowLink href={`/runs/order/${order.id}`} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Text bold tone="indigo">
          {t('back-to-the-order')}
        </Text>
      </RowLink>
      <Pressable role="button" style={{ minHeight: 44, justifyContent: 'center' }} onPress={away}>
        <Text tone="madder">{t('remove-this-line')}</Text>
      </Pressable>
    </Section>
  )
}
