import { stash as t } from '@thimble/language/en/stash'
import { Fragment } from 'react'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Split } from '@/ui/Split'
import { Text } from '@/ui/Text'
import { things } from './things'

/** What there is: hoops with their fields, backings, toppings and threads with what is left. */
export function StashPage() {
  return (
    <Page wideContent title={t('stash')}>
      <Split
        list={
          <>
            <ToBuyLink />
            <Shelves half="list" />
          </>
        }
        detail={<Shelves half="detail" />}
        both
      />
    </Page>
  )
}

function Shelves({ half }: { half: 'list' | 'detail' }) {
  const here = Object.entries(things).filter(([, thing]) => thing.half === half)
  return here.map(([kind, { List, Below }]) => (
    <Fragment key={kind}>
      <List />
      {Below ? <Below /> : null}
    </Fragment>
  ))
}

const ToBuyLink = () => (
  <RowLink
    href="/stash/to-buy"
    style={{ minHeight: 48, justifyContent: 'center', paddingHorizontal: 16, marginTop: 8 }}
  >
    <Text bold tone="indigo">
      {t('shopping-list')}
    </Text>
  </RowLink>
)
