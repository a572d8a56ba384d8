import { device as t } from '@thimble/language/en/device'
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
    <Section title={t('this-phone')} says={t('connected-phones-are-added-and')}>
      {keeps === null ? null : <Text>{keeps ? t('the-program-is-kept-here') : t('the-program-only-opens-near')}</Text>}
      {keeps === false ? <FileLink href="/pair/#trust" says={t('how-to-trust-the-certificate')} /> : null}
    </Section>
  )
}
