import { papers as t } from '@thimble/language/en/papers'
import type { ListRow } from '@thimble/core/template'
import { dateText } from '@/words/dates'
import { Asset } from 'expo-asset'
import { type Handed, shareFile } from '@/shared/shareFile'
import { fontFiles } from '@/theme/fonts'

/** Makes a list for paper and hands it on as a file. */
// Fetched when it is asked for, which the check cannot follow.
// ts-unused-exports:disable-next-line
export async function saveList(title: string, rows: readonly ListRow[], now: Date): Promise<Handed> {
  // The printing parts are large and seldom wanted, so they come only when asked for.
  const [{ listPages }, { pdfs }] = await Promise.all([import('@thimble/core/template'), import('./pdfs')])
  const list = listPages({ title, rows, foot: t('made-with-zealous-thimble-2', { date: dateText(now) }), paper: 'a4' })
  const font = await (await fetch(Asset.fromModule(fontFiles.Text).uri)).arrayBuffer()
  return shareFile(title, (await pdfs.templatePdf(list, font, title)) as BlobPart)
}
