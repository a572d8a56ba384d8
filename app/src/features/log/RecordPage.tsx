import { format } from 'date-fns/format'
import { parseISO } from 'date-fns/parseISO'
import { useLog } from '@/state/useLog'
import { Page } from '@/ui/Page'
import { RecordActions } from './RecordActions'
import { RecordSheet } from './RecordSheet'

/** One piece's record on a page of its own. */
export function RecordPage({ id }: { id: string }) {
  const row = useLog().find((r) => r.pieceId === id)
  return (
    <Page
      title={row?.name ?? 'Record'}
      back
      toRead
      aside={row ? format(parseISO(row.finishedAt), 'd MMM') : undefined}
      foot={row ? <RecordActions id={id} /> : undefined}
    >
      <RecordSheet id={id} />
    </Page>
  )
}
