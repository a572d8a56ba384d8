import { LocalDate, type Order } from '@thimble/contract'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { LimitedField } from '@/ui/LimitedField'
import { NameField } from '@/ui/NameField'
import { Section } from '@/ui/Section'
import { useDraftText } from '@/ui/useDraftText'
import { setOrder } from './useOrder'

const isDate = (text: string): boolean => LocalDate.safeParse(text).success

/** What an order is called, for whom it is, when it is due, and what goes with it. */
export function AboutOrder({ order }: { order: Order }) {
  const { id } = order
  const [due, setDue] = useDraftText(`due.${id}`, order.due ?? '')
  const typeDue = (text: string): void => {
    const date = text.trim()
    const good = date === '' || isDate(date)
    setDue(text, good)
    if (good) setOrder(id, { due: date || null })
  }
  return (
    <Section title="About this order">
      <NameField slot={`name.${id}`} name={order.name} onChange={(name) => setOrder(id, { name })} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LimitedField
          half
          label="Customer"
          most={120}
          value={order.customer}
          onChange={(customer) => setOrder(id, { customer })}
        />
        <Field
          half
          label="Due"
          value={due}
          placeholder="2026-12-18"
          problem={due.trim() === '' || isDate(due.trim()) ? null : 'Write the date as 2026-12-18.'}
          onChange={typeDue}
        />
      </View>
      <LimitedField
        label="Delivery note"
        most={4000}
        multiline
        value={order.deliveryNote}
        placeholder="Address, packing"
        onChange={(deliveryNote) => setOrder(id, { deliveryNote })}
      />
    </Section>
  )
}
