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
    <Section title="This phone" says="Connected. Phones are added and removed on the shop computer.">
      {keeps === null ? null : (
        <Text>
          {keeps
            ? 'The program is kept here, so it opens away from the shop too, with the work it last loaded.'
            : 'The program only opens near the shop computer. To keep it on this phone, trust the shop’s certificate.'}
        </Text>
      )}
      {keeps === false ? <FileLink href="/pair/#trust" says="How to trust the certificate" /> : null}
    </Section>
  )
}
