import { settings as t } from '@thimble/language/en/settings'
import { Rates } from '@/shared/Rates'
import { Page } from '@/ui/Page'

/** What hours, rejects and a price come to, for all orders. */
export const CostsPage = () => (
  <Page title={t('costs')} back>
    <Rates />
  </Page>
)
