import { useLocalSearchParams } from 'expo-router'
import { useMemo } from 'react'
import { selectStock } from '@/state/stockSelectors'
import { useShelf } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { Words } from '@/ui/Words'
import { many } from '@/words/designWords'
import { CutSection } from './CutSection'
import { OrderSection } from './OrderSection'
import { ThreadSection } from './ThreadSection'
import { type Run, runAt } from './runsOf'
import { useOrder } from './useOrder'
import { useRunWork } from './useRunWork'

/** One run: in which order its pieces are sewn, and what is cut for them. */
export function RunWorkPage() {
  const { key } = useLocalSearchParams<{ key: string }>()
  const pieces = useDocs('pieces')
  const loaded = useShelf((s) => s.loaded)
  const run = useMemo(() => runAt(key, pieces), [key, pieces])
  if (run && run.pieces.length > 0) return <Work run={run} />
  return (
    <Page title="Runs" back passing={!loaded}>
      <Section>
        <Words>{loaded ? 'No piece of this run is in work any more.' : 'Looking …'}</Words>
      </Section>
    </Page>
  )
}

function Work({ run }: { run: Run }) {
  const stock = useShelf(selectStock)
  const { works, unknown, seen, of } = useRunWork(run.pieces, stock)
  const { order, problem } = useOrder(works, stock)
  const says = order ? null : works ? 'Putting it in order …' : `Looking at ${seen} of ${many(of, 'piece')} …`
  return (
    <Page title={run.customer} aside={many(run.pieces.length, 'piece')} back wideContent>
      {problem ? (
        <Section>
          <AdviceBar advice={{ code: 'order', text: problem, severity: 'stop' }} />
        </Section>
      ) : says ? (
        <Section>
          <Words soft role="status">
            {says}
          </Words>
        </Section>
      ) : null}
      {unknown.map((piece) => (
        <Section key={piece.id}>
          <AdviceBar
            advice={{
              code: 'unknown',
              text: `${piece.name}: give its design and stack first; it is not in the order yet.`,
              severity: 'caution',
            }}
          />
        </Section>
      ))}
      {order ? (
        <Split
          both
          list={order.orders.map((one) => (
            <OrderSection key={one.machine} order={one} machines={order.orders.length} />
          ))}
          detail={
            <>
              {order.orders.map((one) => (
                <ThreadSection key={one.machine} order={one} machines={order.orders.length} />
              ))}
              <CutSection cuts={order.cuts} />
            </>
          }
        />
      ) : null}
      {order && order.orders.length === 0 ? (
        <Section>
          <Words>Every piece of this run is stitched.</Words>
        </Section>
      ) : null}
    </Page>
  )
}
