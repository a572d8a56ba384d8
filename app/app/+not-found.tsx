import { program as t } from '@thimble/language/en/program'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

export default function NotFound() {
  return (
    <Page title={t('page-not-found')} back>
      <Section>
        <Text>{t('theres-nothing-at-this-address')}</Text>
      </Section>
    </Page>
  )
}
