import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import type { PhoneAccess } from '@thimble/contract/phones'
import { useState } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { PhoneAccessState } from './usePhoneAccess'
import { dayTimeText } from '@/words/dates'

/** The phones that are in, with when each was last here. */
export function PhoneList({ door: { phones }, at }: { door: PhoneAccess; at: PhoneAccessState }) {
  return (
    <Section title={t('connected-phones')} {...(phones.length === 0 ? { says: t('none-yet') } : {})}>
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
  phone: PhoneAccess['phones'][number]
  at: PhoneAccessState
}) {
  const p = usePalette()
  const [sure, setSure] = useState(false)
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 10, gap: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Text bold>{name}</Text>
          <Text soft>{t('last-here', { dayTime: dayTimeText(lastSeenAt) })}</Text>
        </View>
        {sure ? null : (
          <Button
            type="outline"
            title={t('remove')}
            aria-label={t('remove-2', { name })}
            onPress={() => setSure(true)}
          />
        )}
      </View>
      {sure ? (
        <>
          <Text>{t('it-disconnects-at-once-anything')}</Text>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Button title={t('remove-phone')} disabled={busy} onPress={() => void tell('DELETE', `/${id}`)} />
            <Button type="outline" title={t('keep-it')} onPress={() => setSure(false)} />
          </View>
        </>
      ) : null}
    </View>
  )
}
