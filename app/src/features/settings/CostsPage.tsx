import { Rates } from '@/shared/Rates'
import { Page } from '@/ui/Page'

/** What hours, rejects and a price come to, for all orders. */
export const CostsPage = () => (
  <Page title="Costs" back>
    <Rates />
  </Page>
)
