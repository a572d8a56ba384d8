import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { PhoneAccess } from '@thimble/contract/phones'
import { planPiece } from '@thimble/plan'
import type { KindCut, WorkSequence } from '@thimble/plan/schedule'
import { shareFile } from '@/shared/shareFile'
import { ask } from '@/http/client'
import { usePlanShelf } from '@/state/useShelfDocs'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { runSheetOf } from './batchSheet'
import type { Batch } from './batchesOf'

type Props = { run: Batch; order: { orders: readonly WorkSequence[]; cuts: readonly KindCut[] } }

/** The run on paper, with a code at each piece that opens it on a phone. */
export function BatchSheetButton({ run, order }: Props) {
  const shelf = usePlanShelf()
  const { busy, problem, run: doIt } = useTask()
  const print = async (): Promise<void> => {
    const [{ pdfs }, base] = await Promise.all([import('@/template/pdfs'), whereAPhoneComesIn()])
    const plansOf = (piece: Batch['pieces'][number]) => planPiece(piece, shelf)
    const sheet = runSheetOf(run, order, { shop: shelf.shop, plansOf, base, now: new Date() })
    await shareFile(sheet.title.replace(':', ''), (await pdfs.runSheetPdf(sheet)) as BlobPart)
  }
  return (
    <Section title={t('on-paper')} says={t('one-line-a-piece-with')}>
      <Button type="outline" title={t('work-sheet-pdf')} disabled={busy} onPress={() => void doIt(print)} />
      <Text soft>{t('with-phones-connected-each-piece')}</Text>
      {problem ? <FieldProblem id="sheet">{problem}</FieldProblem> : null}
    </Section>
  )
}

/** Where a phone finds this shop; null while none is let in. On a phone that is where it is itself. */
async function whereAPhoneComesIn(): Promise<string | null> {
  const { hostname, origin } = window.location
  const own = ['localhost', '127.0.0.1', '[::1]'].includes(hostname) ? null : origin
  const door = await ask<PhoneAccess>('/phones').catch(() => null)
  return (door?.open && door.addresses[0]) || own
}
