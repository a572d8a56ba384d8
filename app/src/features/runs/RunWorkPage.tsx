import { useLocalSearchParams } from 'expo-router'
import type { Piece } from '@thimble/contract'
import { type Hours, nextWorkdays } from '@thimble/plan/order'
import { format } from 'date-fns/format'
import { useMemo, useState } from 'react'
import { useShelf } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { Words } from '@/ui/Words'
import { many } from '@/words/designWords'
import { CutSection } from './CutSection'
import { OrderSection } from './OrderSection'
import { ThreadSection } from './ThreadSection'
import { ReadySection } from './ReadySection'
import { type Run, runAt } from './runsOf'
import { useOrder } from './useOrder'
import { useRunStock } from './useRunStock'
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

/** Work begins now, or with the hours of a later day. */
function useHours(): { hours: Hours; today: string; begin: (date: string) => void } {
  const workday = useShelf((s) => s.shop.workday)
  const [now] = useState(() => new Date())
  const today = format(now, 'yyyy-MM-dd')
  const [date, begin] = useState(() => nextWorkdays(today, 1, workday)[0]!)
  const hours = useMemo((): Hours => {
    const minute = date === today ? now.getHours() * 60 + now.getMinutes() : 0
    return { begins: { date, minute }, workday }
  }, [date, today, now, workday])
  return { hours, today, begin }
}

function Work({ run }: { run: Run }) {
  const stock = useRunStock(run.pieces)
  const { hours, today, begin } = useHours()
  const { works, unknown, seen, of } = useRunWork(run.pieces, stock)
  const { order, problem } = useOrder(works, stock, hours)
  return (
    <Page title={run.customer} aside={many(run.pieces.length, 'piece')} back wideContent>
      {order && !problem ? null : (
        <Coming
          problem={problem}
          says={works ? 'Putting it in order …' : `Looking at ${seen} of ${many(of, 'piece')} …`}
        />
      )}
      {unknown.map((piece) => (
        <NotYet key={piece.id} piece={piece} />
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
                <ReadySection
                  key={one.machine}
                  order={one}
                  machines={order.orders.length}
                  {...{ hours, today }}
                  onBegin={begin}
                />
              ))}
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

function Coming({ problem, says }: { problem: string | null; says: string }) {
  return (
    <Section>
      {problem ? (
        <AdviceBar advice={{ code: 'order', text: problem, severity: 'stop' }} />
      ) : (
        <Words soft role="status">
          {says}
        </Words>
      )}
    </Section>
  )
}

/** One that nothing can be said of yet, with the way to it. */
function NotYet({ piece: { id, name } }: { piece: Piece }) {
  return (
    <RowLink href={`/piece/${id}`} style={{ paddingHorizontal: 16, minHeight: 44, justifyContent: 'center' }}>
      <AdviceBar
        advice={{
          code: 'unknown',
          text: `${name}: give its design and stack first; it is not in the order yet.`,
          severity: 'caution',
        }}
      />
    </RowLink>
  )
}
