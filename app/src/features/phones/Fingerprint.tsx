import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

/** What a phone compares before it trusts the shop's certificate. */
export function Fingerprint({ of }: { of: string }) {
  const signs = of.replace(/:/g, '').match(/.{4}/g)!
  return (
    <Section>
      <Disclosure title="The certificate’s fingerprint">
        <Text>The SHA-256 fingerprint your phone shows must match this letter by letter.</Text>
        {[0, 4, 8, 12].map((i) => (
          <Text bold key={i} style={{ letterSpacing: 1 }}>
            {signs.slice(i, i + 4).join(' ')}
          </Text>
        ))}
        <Text soft>It’s for this shop only. Its keys are in the shop’s folder, in no backup.</Text>
      </Disclosure>
    </Section>
  )
}
