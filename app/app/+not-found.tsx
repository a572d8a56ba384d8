import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'

export default function NotFound() {
  return (
    <Page title="Not here" back>
      <Section>
        <Words>There is nothing at this address.</Words>
      </Section>
    </Page>
  )
}
