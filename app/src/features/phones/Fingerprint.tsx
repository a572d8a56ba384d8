import { device as t } from '@thimble/language/en/device'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

/** What a phone compares before it trusts the shop's certificate. */
export function Fingerprint({ of }: { of: string }) {
  const signs = of.replace(/:/g, '').match(/.{4}/g)!
  return (
    <Section>
      <Disclosure title={t('the-certificates-fingerprint')}>
        <Text>{t('the-sha-256-fingerprint-your')}</Text>
        {[0, 4, 8, 12].map((i) => (
          <Text bold key={i} style={{ letterSpacing: 1 }}>
            {signs.slice(i, i + 4).join(' ')}
          </Text>
        ))}
        <Text soft>{t('its-for-this-shop-only')}</Text>
      </Disclosure>
    </Section>
  )
}
