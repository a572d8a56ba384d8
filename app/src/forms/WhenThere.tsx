import { program as t } from '@thimble/language/en/program'
import type { CollectionName } from '@thimble/contract'
import type { ReactNode } from 'react'
import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

type Props = { collection: CollectionName; id: string; children: ReactNode }

/** The form of something that is kept waits until that is there: a blank one would be taken for it. */
export function WhenThere({ collection, id, children }: Props) {
  const there = useDocuments((s) => id === 'new' || id in s.docs[collection])
  const loaded = useDocuments((s) => s.loaded)
  if (there) return children
  return (
    <Page title={loaded ? t('page-not-found') : t('loading')} back>
      <Section>
        <Text role="status">{loaded ? t('this-isnt-here-it-may') : t('loading-2')}</Text>
      </Section>
    </Page>
  )
}
