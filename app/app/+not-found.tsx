import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

export default function NotFound() {
  return (
    <Page title="Page not found" back>
      <Section>
        <Text>There’s nothing at this address.</Text>
      </Section>
    </Page>
  )
}
