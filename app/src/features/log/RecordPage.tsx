import { log as t } from '@thimble/language/en/log'
import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { RecordActions } from './RecordActions'
import { RecordSheet } from './RecordSheet'
import { dateText } from '@/words/dates'

/** One piece's record on a page of its own. */
export function RecordPage({ id }: { id: string }) {
  const piece = useDocuments((s) => s.docs.pieces[id])
  const record = piece?.finish.kept[0]
  return (
    <Page
      title={piece?.name ?? t('record')}
      back
      toRead
      aside={record ? dateText(record.at) : undefined}
      foot={record ? <RecordActions id={id} /> : undefined}
    >
      <RecordSheet id={id} />
    </Page>
  )
}
