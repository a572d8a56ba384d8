import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

export default function NotFound() {
  return (
    <Page title="Not here" back>
      <Section>
        <Text>There is nothing at this address.</Text>
      </Section>
    </Page>
  )
}
