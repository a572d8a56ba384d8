import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import type { PieceWork } from '@thimble/plan/schedule'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useMemo } from 'react'
import { useHours } from '@/shared/useHours'
import { useWorkSequence } from '@/shared/useWorkSequence'
import { useBatchStock } from '@/shared/useBatchStock'
import { useBatchWork } from '@/shared/useBatchWork'
import { useDocuments } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { Text } from '@/ui/Text'
import { CutSection } from './CutSection'
import { SequenceSection } from './SequenceSection'
import { ReadySection } from './ReadySection'
import { ORDER, type Batch, batchAt } from './batchesOf'
import { BatchSheetButton } from './BatchSheetButton'
import { ThreadSection } from './ThreadSection'
import { useSequence } from './useSequence'

/** One run: in which order its pieces are sewn, and what is cut for them. */
export function BatchPage() {
  const { key } = useLocalSearchParams<{ key: string }>()
  const pieces = useDocs('pieces')
  const orders = useDocs('orders')
  const loaded = useDocuments((s) => s.loaded)
  const run = useMemo(() => batchAt(key, pieces, orders), [key, pieces, orders])
  if (run && run.pieces.length > 0) return <Work run={run} />
  return (
    <Page title={run?.customer ?? t('orders')} back passing={!loaded}>
      <Section>
        <Text>{loaded ? t('no-piece-of-this-order') : t('looking')}</Text>
        {run?.key.startsWith(ORDER) ? <ToOrder run={run} /> : null}
      </Section>
    </Page>
  )
}

function Work({ run }: { run: Batch }) {
  const stock = useBatchStock(run.pieces)
  const { hours, today, begin } = useHours()
  const { works, unknown, seen, of } = useBatchWork(run.pieces, stock)
  const [sequence, setSequence] = useSequence(run.key)
  const { order, problem } = useWorkSequence(works, stock, hours, sequence)
  const orders = order?.orders ?? []
  const machines = orders.length
  const inAll = orders.flatMap(({ steps }) => steps.map(({ work }) => work.id))
  const move = (moved: readonly string[]): void => setSequence([...moved, ...inAll.filter((id) => !moved.includes(id))])
  return (
    <Page title={run.customer} aside={many(run.pieces.length, 'piece')} back wideContent>
      {order && !problem ? null : (
        <Coming problem={problem} says={works ? t('sorting') : t('looking-at-of', { seen, many: many(of, 'piece') })} />
      )}
      <ToSettle unknown={unknown} works={works ?? []} hoops={stock.hoops.length} />
      {order && works ? (
        <Split
          both
          list={
            <>
              <Begin run={run} ids={inAll} kept={sequence !== null} onBegin={setSequence} />
              {orders.map((one) => (
                <SequenceSection
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
              <BatchSheetButton run={run} order={order} />
            </>
          }
        />
      ) : null}
      {order && orders.length === 0 ? (
        <Section>
          <Text>{t('every-piece-of-this-order')}</Text>
        </Section>
      ) : null}
    </Page>
  )
}

type BeginProps = { run: Batch; ids: string[]; kept: boolean; onBegin: (ids: string[]) => void }

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
      <Button title={kept ? t('open-the-first-piece') : t('use-this-order')} onPress={begin} />
      {run.key.startsWith(ORDER) ? <ToOrder run={run} /> : null}
    </Section>
  )
}

const ToOrder = ({ run }: { run: Batch }) => (
  <RowLink href={`/runs/order/${run.key.slice(ORDER.length)}`} style={{ minHeight: 44, justifyContent: 'center' }}>
    <Text bold tone="indigo">
      {t('lines-names-and-money')}
    </Text>
  </RowLink>
)

function Coming({ problem, says }: { problem: string | null; says: string }) {
  return (
    <Section>
      {problem ? (
        <AdviceBar advice={{ code: 'order', text: problem, severity: 'stop' }} />
      ) : (
        <Text soft role="status">
          {says}
        </Text>
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
        <ToTicket key={piece.id} piece={piece} says={t('choose-its-design-and-layers')} />
      ))}
      {hoopless.map((work) => (
        <ToTicket key={work.id} piece={work} says={t('no-hoop-fits-as-planned')} />
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
