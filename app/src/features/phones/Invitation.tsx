import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import type { PhoneAccess } from '@thimble/contract/phones'
import { useState } from 'react'
import { View } from 'react-native'
import { QrCode } from '@/drawing/QrCode'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { useWide } from '@/ui/useMedia'
import { Text } from '@/ui/Text'
import type { PhoneAccessState } from './usePhoneAccess'

type Props = { door: PhoneAccess; invited: NonNullable<PhoneAccess['invited']>; at: PhoneAccessState }

/** The code for one phone: a square for its camera, the same as signs to type, and what the phone will do. */
export function Invitation({ door: { addresses }, invited: { code, secondsLeft: left }, at: { tell } }: Props) {
  const wide = useWide()
  const [picked, setPicked] = useState<string | null>(null)
  const address = addresses.find((one) => one === picked) ?? addresses[0]!
  return (
    <Section title={t('connect-a-phone')}>
      <View style={{ flexDirection: wide ? 'row' : 'column', gap: 24, alignItems: wide ? 'flex-start' : 'center' }}>
        <View style={{ gap: 8, alignItems: 'center' }}>
          <QrCode text={`${address}/pair/#${code}`} size={232} label={t('the-way-in-as-a', { address, code })} />
          <Text bold style={{ fontSize: 40, lineHeight: 48, letterSpacing: 5 }}>
            {`${code.slice(0, 3)} ${code.slice(3)}`}
          </Text>
          <Text soft role="timer">
            {t('expires-in-more', { floor: Math.floor(left / 60), padStart: String(left % 60).padStart(2, '0') })}
          </Text>
        </View>
        <View style={{ flex: wide ? 1 : undefined, gap: 10, width: wide ? undefined : '100%' }}>
          <Step n={1}>{t('scan-the-code-with-the')}</Step>
          <Text bold style={{ paddingLeft: 32 }}>
            {address}
          </Text>
          <Step n={2}>{t('the-phone-warns-that-this')}</Step>
          <Step n={3}>{t('name-the-phone-and-ask')}</Step>
          <Step n={4}>{t('tap-yes-here')}</Step>
          {addresses.length > 1 ? (
            <Choices
              label={t('if-that-doesnt-work-try')}
              value={address}
              choices={addresses.map((one) => ({ id: one, name: one.replace('https://', '') }))}
              onChange={setPicked}
            />
          ) : null}
          <Button type="outline" title={t('cancel-the-code')} onPress={() => void tell('DELETE', '/invitation')} />
        </View>
      </View>
    </Section>
  )
}

function Step({ n, children }: { n: number; children: string | string[] }) {
  return (
    <View style={{ flexDirection: 'row', gap: 12 }}>
      <Text bold style={{ width: 20 }}>
        {n}
      </Text>
      <Text style={{ flex: 1 }}>{children}</Text>
    </View>
  )
}
