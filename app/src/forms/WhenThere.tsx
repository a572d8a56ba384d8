import type { CollectionName } from '@thimble/contract'
import type { ReactNode } from 'react'
import { useShelf } from '@/state/store'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'

type Props = { collection: CollectionName; id: string; children: ReactNode }

/** The form of something that is kept waits until that is there: a blank one would be taken for it. */
export function WhenThere({ collection, id, children }: Props) {
  const there = useShelf((s) => id === 'new' || id in s.docs[collection])
  const loaded = useShelf((s) => s.loaded)
  if (there) return children
  return (
    <Page title={loaded ? 'Not here' : 'One moment'} back>
      <Section>
        <Words role="status">{loaded ? 'This is not kept here; it may have been removed.' : 'Fetching it …'}</Words>
      </Section>
    </Page>
  )
}
