import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Split } from '@/ui/Split'
import { Text } from '@/ui/Text'
import { Hoops } from './Hoops'
import { Machines } from './Machines'
import { Adhesives, Bobbins, Needles, Supplies, Threads } from './StockLists'
import { Swatches } from './Swatches'
import { ThreadFactor } from './ThreadFactor'

/** What there is: hoops with their fields, backings, toppings and threads with what is left. */
export function StashPage() {
  return (
    <Page wideContent title="Stash">
      <Split
        list={
          <>
            <ToBuyLink />
            <Machines />
            <Hoops />
          </>
        }
        detail={
          <>
            <Supplies />
            <Threads />
            <ThreadFactor />
            <Bobbins />
            <Needles />
            <Adhesives />
            <Swatches />
          </>
        }
        both
      />
    </Page>
  )
}

const ToBuyLink = () => (
  <RowLink
    href="/stash/to-buy"
    style={{ minHeight: 48, justifyContent: 'center', paddingHorizontal: 16, marginTop: 8 }}
  >
    <Text bold tone="indigo">
      To buy: what the bench wants and the stash lacks
    </Text>
  </RowLink>
)
