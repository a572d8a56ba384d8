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
    <Section title="Connect a phone">
      <View style={{ flexDirection: wide ? 'row' : 'column', gap: 24, alignItems: wide ? 'flex-start' : 'center' }}>
        <View style={{ gap: 8, alignItems: 'center' }}>
          <QrCode text={`${address}/pair/#${code}`} size={232} label={`The way in as a square: ${address}, ${code}`} />
          <Text bold style={{ fontSize: 40, lineHeight: 48, letterSpacing: 5 }}>
            {`${code.slice(0, 3)} ${code.slice(3)}`}
          </Text>
          <Text soft role="timer">
            {`Expires in ${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')} more.`}
          </Text>
        </View>
        <View style={{ flex: wide ? 1 : undefined, gap: 10, width: wide ? undefined : '100%' }}>
          <Step n={1}>Scan the code with the phone’s camera and open the link. Or type into its browser:</Step>
          <Text bold style={{ paddingLeft: 32 }}>
            {address}
          </Text>
          <Step n={2}>
            The phone warns that this is not private: this shop made its certificate itself. Tap “Advanced” or “Show
            details”, and go on.
          </Step>
          <Step n={3}>Name the phone and ask to connect.</Step>
          <Step n={4}>Tap Yes here.</Step>
          {addresses.length > 1 ? (
            <Choices
              label="If that doesn’t work, try another address"
              value={address}
              choices={addresses.map((one) => ({ id: one, name: one.replace('https://', '') }))}
              onChange={setPicked}
            />
          ) : null}
          <Button type="outline" title="Cancel the code" onPress={() => void tell('DELETE', '/invitation')} />
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
