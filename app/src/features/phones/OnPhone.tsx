import { useEffect, useState } from 'react'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { FileLink } from '@/ui/FileLink'

/** What a phone says of itself: that it is in, and whether it opens away from the shop. */
export function OnPhone() {
  const [keeps, setKeeps] = useState<boolean | null>(null)
  useEffect(() => {
    const known = navigator.serviceWorker?.getRegistration() ?? Promise.resolve(undefined)
    known.then(
      (one) => setKeeps(one !== undefined),
      () => setKeeps(false),
    )
  }, [])
  return (
    <Section title="This phone" says="It is in. Phones are let in and turned out at the laptop.">
      {keeps === null ? null : (
        <Text>
          {keeps
            ? 'The program is kept here: it opens away from the shop too, with what was in work when it last reached the laptop.'
            : 'The program opens only while this phone reaches the laptop. Once it trusts the shop’s certificate it stays on the phone.'}
        </Text>
      )}
      {keeps === false ? <FileLink href="/pair/#trust" says="How to trust the certificate" /> : null}
    </Section>
  )
}
