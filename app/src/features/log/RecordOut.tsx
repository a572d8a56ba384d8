import { log as t } from '@thimble/language/en/log'
import { Pressable, View } from 'react-native'
import { store } from '@/state/store'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { useStyle } from './useStyle'
import { Text } from '@/ui/Text'
import { recordFacts } from './recordFacts'
import { dateText } from '@/words/dates'

const line = { minHeight: 44, minWidth: 44, justifyContent: 'center' } as const

/** A record beside another, on paper, and as a file. */
export function RecordOut({ id }: { id: string }) {
  const style = useStyle()
  const print = async (): Promise<void> => {
    const piece = store.getState().shelf.docs.pieces[id]
    const [record] = piece?.finish.kept ?? []
    if (!piece || !record) return
    const rows = recordFacts(piece, style)
      .filter(({ says }) => says !== '')
      .flatMap(({ about, says }) =>
        sheetLines(says).map((part, i) => ({ name: i === 0 ? about : '', says: part, number: '' })),
      )
    const { saveList } = await import('@/template/saveList')
    await saveList(`${piece.name}, ${dateText(record.at)}`, rows, new Date())
  }
  return (
    <Section>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 20 }}>
        <RowLink href={`/log?beside=${id}`} style={line}>
          <Text bold tone="indigo">
            {t('compare')}
          </Text>
        </RowLink>
        <Pressable role="button" onPress={() => void print()} style={line}>
          <Text bold tone="indigo">
            {t('print')}
          </Text>
        </Pressable>
        <a
          href={`/api/v1/pieces/${id}/file`}
          download
          style={{ ...line, display: 'flex', alignItems: 'center', textDecoration: 'none' }}
        >
          <Text bold tone="indigo">
            {t('save-as-json')}
          </Text>
        </a>
      </View>
    </Section>
  )
}

/** As many signs as go on a line of paper. */
const LINE = 96

/** A long answer over several lines, broken between words. */
function sheetLines(says: string): string[] {
  return says.split(/\s+/).reduce<string[]>((lines, word) => {
    const last = lines.at(-1)
    if (last === undefined || last.length + word.length >= LINE) return [...lines, word]
    return [...lines.slice(0, -1), `${last} ${word}`]
  }, [])
}
