import { settings as t } from '@thimble/language/en/settings'
import type { ImportEffect } from '@thimble/contract/answers'
import { collectionWords } from '@/words/collectionWords'

/** What lies in a file besides documents. */
const besides = {
  packedDesigns: { one: t('designs-stitches-or-outlines'), many: t('designs-stitches-and-outlines') },
  photos: { one: t('photo'), many: t('photos') },
}
const nouns: Readonly<Record<string, { one: string; many: string }>> = { ...collectionWords, ...besides }

/** What a file would do, a sentence a list that it says something of. */
export function effectLines(effect: ImportEffect): string[] {
  const lines = Object.entries(effect).flatMap(([list, { added, changed, older, same, removed }]) => {
    const all = added + changed + same
    const { one, many } = nouns[list] ?? { one: list, many: list }
    const gone = removed > 0 ? [t('not-in-the-file-removed', { removed, which: removed === 1 ? one : many })] : []
    if (all === 0) return gone
    const noun = `${all} ${all === 1 ? one : many}`
    if (same === all) return [t('same-as-here-all-same', { all, noun }), ...gone]
    const parts = [
      added > 0 ? t('new', { added }) : '',
      changed > 0 ? t('overwritten', { changed, which: older > 0 ? t('of-them-newer-here', { older }) : '' }) : '',
      same > 0 ? t('same-as-here', { same }) : '',
    ]
    return [`${noun}: ${parts.filter(Boolean).join('; ')}.`, ...gone]
  })
  return lines.length > 0 ? lines : [t('the-file-is-empty')]
}
