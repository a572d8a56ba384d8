import type { ImportEffect } from '@thimble/contract/answers'
import { collectionWords } from '@/words/collectionWords'

/** What lies in a file besides documents. */
const besides = {
  packedDesigns: { one: 'design’s stitches or outlines', many: 'designs’ stitches and outlines' },
  photos: { one: 'photo', many: 'photos' },
}
const nouns: Readonly<Record<string, { one: string; many: string }>> = { ...collectionWords, ...besides }

/** What a file would do, a sentence a list that it says something of. */
export function effectLines(effect: ImportEffect): string[] {
  const lines = Object.entries(effect).flatMap(([list, { added, changed, older, same, removed }]) => {
    const all = added + changed + same
    const { one, many } = nouns[list] ?? { one: list, many: list }
    const gone = removed > 0 ? [`${removed} ${removed === 1 ? one : many} not in the file: removed here.`] : []
    if (all === 0) return gone
    const noun = `${all} ${all === 1 ? one : many}`
    if (same === all) return [all === 1 ? `${noun}, same as here.` : `${noun}, all same as here.`, ...gone]
    const parts = [
      added > 0 ? `${added} new` : '',
      changed > 0 ? `${changed} overwritten${older > 0 ? `, ${older} of them newer here` : ''}` : '',
      same > 0 ? `${same} same as here` : '',
    ]
    return [`${noun}: ${parts.filter(Boolean).join('; ')}.`, ...gone]
  })
  return lines.length > 0 ? lines : ['The file is empty.']
}
