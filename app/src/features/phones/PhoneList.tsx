import { Button } from '@rneui/themed'
import type { PhoneDoor } from '@thimble/contract/phones'
import { format } from 'date-fns/format'
import { parseISO } from 'date-fns/parseISO'
import { useState } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import type { Door } from './useDoor'

/** The phones that are in, with when each was last here. */
export function PhoneList({ door: { phones }, at }: { door: PhoneDoor; at: Door }) {
  return (
    <Section title="Phones that are in" {...(phones.length === 0 ? { says: 'None yet.' } : {})}>
      {phones.map((phone) => (
        <OnePhone key={phone.id} phone={phone} at={at} />
      ))}
    </Section>
  )
}

function OnePhone({
  phone: { id, name, lastSeenAt },
  at: { tell, busy },
}: {
  phone: PhoneDoor['phones'][number]
  at: Door
}) {
  const p = usePalette()
  const [sure, setSure] = useState(false)
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 10, gap: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Words bold>{name}</Words>
          <Words soft>{`Last here ${format(parseISO(lastSeenAt), 'd MMM, H:mm')}.`}</Words>
        </View>
        {sure ? null : (
          <Button type="outline" title="Turn out" aria-label={`Turn ${name} out`} onPress={() => setSure(true)} />
        )}
      </View>
      {sure ? (
        <>
          <Words>
            What it has open ends at once, and it forgets the shop. What was typed there and not sent stays on it.
          </Words>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Button title="Turn it out" disabled={busy} onPress={() => void tell('DELETE', `/${id}`)} />
            <Button type="outline" title="Leave it in" onPress={() => setSure(false)} />
          </View>
        </>
      ) : null}
    </View>
  )
}
