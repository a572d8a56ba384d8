import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

/** What a phone compares before it trusts the shop's certificate. */
export function Fingerprint({ of }: { of: string }) {
  const signs = of.replace(/:/g, '').match(/.{4}/g)!
  return (
    <Section>
      <Disclosure title="The certificate’s fingerprint">
        <Text>The SHA-256 fingerprint that a phone shows of the shop’s certificate has to be this, sign by sign.</Text>
        {[0, 4, 8, 12].map((i) => (
          <Text bold key={i} style={{ letterSpacing: 1 }}>
            {signs.slice(i, i + 4).join(' ')}
          </Text>
        ))}
        <Text soft>
          It vouches for this shop only, for no place of the internet. Its keys lie in the shop’s folder; no backup
          holds them.
        </Text>
      </Disclosure>
    </Section>
  )
}
