import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import type { PieceWork } from '@thimble/plan/work'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useMemo } from 'react'
import { useHours } from '@/desk/useHours'
import { useOrderOfWork } from '@/desk/useOrderOfWork'
import { useRunStock } from '@/desk/useRunStock'
import { useRunWork } from '@/desk/useRunWork'
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
import { ReadySection } from './ReadySection'
import { ORDER, type Run, runAt } from './runsOf'
import { RunSheetButton } from './RunSheetButton'
import { ThreadSection } from './ThreadSection'
import { useSequence } from './useSequence'

/** One run: in which order its pieces are sewn, and what is cut for them. */
export function RunWorkPage() {
  const { key } = useLocalSearchParams<{ key: string }>()
  const pieces = useDocs('pieces')
  const orders = useDocs('orders')
  const loaded = useShelf((s) => s.loaded)
  const run = useMemo(() => runAt(key, pieces, orders), [key, pieces, orders])
  if (run && run.pieces.length > 0) return <Work run={run} />
  return (
    <Page title={run?.customer ?? 'Runs'} back passing={!loaded}>
      <Section>
        <Words>{loaded ? 'No piece of this run is in work.' : 'Looking …'}</Words>
        {run?.key.startsWith(ORDER) ? <ToOrder run={run} /> : null}
      </Section>
    </Page>
  )
}

function Work({ run }: { run: Run }) {
  const stock = useRunStock(run.pieces)
  const { hours, today, begin } = useHours()
  const { works, unknown, seen, of } = useRunWork(run.pieces, stock)
  const [sequence, setSequence] = useSequence(run.key)
  const { order, problem } = useOrderOfWork(works, stock, hours, sequence)
  const orders = order?.orders ?? []
  const machines = orders.length
  const inAll = orders.flatMap(({ steps }) => steps.map(({ work }) => work.id))
  const move = (moved: readonly string[]): void => setSequence([...moved, ...inAll.filter((id) => !moved.includes(id))])
  return (
    <Page title={run.customer} aside={many(run.pieces.length, 'piece')} back wideContent>
      {order && !problem ? null : (
        <Coming
          problem={problem}
          says={works ? 'Putting it in order …' : `Looking at ${seen} of ${many(of, 'piece')} …`}
        />
      )}
      <ToSettle unknown={unknown} works={works ?? []} hoops={stock.hoops.length} />
      {order && works ? (
        <Split
          both
          list={
            <>
              <Begin run={run} ids={inAll} kept={sequence !== null} onBegin={setSequence} />
              {orders.map((one) => (
                <OrderSection
                  key={one.machine}
                  order={one}
                  machines={machines}
                  onMove={move}
                  onWorkedOut={one.bestSeconds === null ? null : () => setSequence(null)}
                />
              ))}
            </>
          }
          detail={
            <>
              {orders.map((one) => (
                <ReadySection key={one.machine} order={one} {...{ machines, hours, today }} onBegin={begin} />
              ))}
              {orders.map((one) => (
                <ThreadSection key={one.machine} order={one} machines={machines} />
              ))}
              <CutSection cuts={order.cuts} works={works} />
              <RunSheetButton run={run} order={order} />
            </>
          }
        />
      ) : null}
      {order && orders.length === 0 ? (
        <Section>
          <Words>Every piece of this run is stitched.</Words>
        </Section>
      ) : null}
    </Page>
  )
}

type BeginProps = { run: Run; ids: string[]; kept: boolean; onBegin: (ids: string[]) => void }

/** The way to the first piece, with the order kept as it stands so that each piece knows the next. */
function Begin({ run, ids, kept, onBegin }: BeginProps) {
  const router = useRouter()
  const [first] = ids
  if (!first) return null
  const begin = (): void => {
    if (!kept) onBegin(ids)
    router.push(`/piece/${first}`)
  }
  return (
    <Section>
      <Button title={kept ? 'Go on with the first of these' : 'Sew in this order'} onPress={begin} />
      {run.key.startsWith(ORDER) ? <ToOrder run={run} /> : null}
    </Section>
  )
}

const ToOrder = ({ run }: { run: Run }) => (
  <RowLink href={`/runs/order/${run.key.slice(ORDER.length)}`} style={{ minHeight: 44, justifyContent: 'center' }}>
    <Words bold tone="indigo">
      The order: lines, names and money
    </Words>
  </RowLink>
)

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

/** What cannot be sewn as it stands, each with what it lacks; a shop that has put no hoop in is not asked for one. */
function ToSettle({ unknown, works, hoops }: { unknown: Piece[]; works: PieceWork[]; hoops: number }) {
  const hoopless = hoops > 0 ? works.filter(({ hoop }) => !hoop) : []
  return (
    <>
      {unknown.map((piece) => (
        <ToTicket key={piece.id} piece={piece} says="give its design and stack first; it is not in the order yet." />
      ))}
      {hoopless.map((work) => (
        <ToTicket
          key={work.id}
          piece={work}
          says="no hoop here takes it as it is planned; its ticket has the ways out."
        />
      ))}
    </>
  )
}

/** One of which something has to be settled first, with the way to it. */
function ToTicket({ piece: { id, name }, says }: { piece: Pick<Piece, 'id' | 'name'>; says: string }) {
  return (
    <RowLink href={`/piece/${id}`} style={{ paddingHorizontal: 16, minHeight: 44, justifyContent: 'center' }}>
      <AdviceBar advice={{ code: 'unknown', text: `${name}: ${says}`, severity: 'caution' }} />
    </RowLink>
  )
}
