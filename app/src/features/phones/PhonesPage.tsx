import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import type { PhoneAccess } from '@thimble/contract/phones'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { Fingerprint } from './Fingerprint'
import { Invitation } from './Invitation'
import { OnPhone } from './OnPhone'
import { PhoneList } from './PhoneList'
import { type PhoneAccessState, usePhoneAccess } from './usePhoneAccess'
import { WhoAsks } from './WhoAsks'

const yesNo = [
  { id: 'yes', name: t('yes') },
  { id: 'no', name: t('no') },
]

/** Phones at the machine: whether they may come in, letting one in, and turning one out. */
export function PhonesPage() {
  const at = usePhoneAccess()
  return (
    <Page title={t('phones')} back>
      {at.onPhone ? (
        <OnPhone />
      ) : at.door ? (
        <AtLaptop at={at} door={at.door} />
      ) : (
        <Section>
          <Text soft role="status">
            {at.away ? t('cant-reach-the-shop-computer') : t('looking')}
          </Text>
        </Section>
      )}
    </Page>
  )
}

function AtLaptop({ at, door }: { at: PhoneAccessState; door: PhoneAccess }) {
  const { tell, busy } = at
  // By a name alone nobody finds it.
  const inNetwork = door.addresses.some((one) => /[\d\]]:\d+$/.test(one))
  return (
    <>
      <Section title={t('phones-at-the-machine')} says={t('a-phone-on-the-shops')}>
        <Choices
          label={t('allow-phones')}
          value={door.open ? 'yes' : 'no'}
          choices={yesNo}
          onChange={(id) => void tell('PUT', '/door', { open: id === 'yes' })}
        />
        {door.problem ? <FieldProblem id="door-problem">{door.problem}</FieldProblem> : null}
        {at.problem ? <FieldProblem id="door-task">{at.problem}</FieldProblem> : null}
        {at.away ? <FieldProblem id="door-away">{t('cant-reach-the-shop-computer-2')}</FieldProblem> : null}
      </Section>
      {door.asking ? <WhoAsks name={door.asking.name} at={at} /> : null}
      {door.open && !inNetwork ? (
        <Section>
          <Text>{t('this-computer-isnt-on-a')}</Text>
        </Section>
      ) : null}
      {door.open && !door.asking ? (
        door.invited ? (
          <Invitation door={door} invited={door.invited} at={at} />
        ) : (
          <Section>
            <Button title={t('connect-a-phone')} disabled={busy} onPress={() => void tell('POST', '/invitation')} />
          </Section>
        )
      ) : null}
      <PhoneList door={door} at={at} />
      {door.fingerprint ? <Fingerprint of={door.fingerprint} /> : null}
    </>
  )
}
