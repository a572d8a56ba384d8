import { orders as t } from '@thimble/language/en/orders'
import type { Order } from '@thimble/contract'
import { View } from 'react-native'
import { DueField } from '@/ui/DueField'
import { LimitedField } from '@/ui/LimitedField'
import { NameField } from '@/ui/NameField'
import { Section } from '@/ui/Section'
import { setOrder } from './useOrder'

/** What an order is called, for whom it is, when it is due, and what goes with it. */
export function AboutOrder({ order }: { order: Order }) {
  const { id } = order
  return (
    <Section title={t('about-this-order')}>
      <NameField slot={`name.${id}`} name={order.name} onChange={(name) => setOrder(id, { name })} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LimitedField
          half
          label={t('customer')}
          most={120}
          value={order.customer}
          onChange={(customer) => setOrder(id, { customer })}
        />
        <DueField slot={id} due={order.due} onChange={(due) => setOrder(id, { due })} />
      </View>
      <LimitedField
        label={t('delivery-note')}
        most={4000}
        multiline
        value={order.deliveryNote}
        placeholder={t('address-packing')}
        onChange={(deliveryNote) => setOrder(id, { deliveryNote })}
      />
    </Section>
  )
}
