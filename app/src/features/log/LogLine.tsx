import { holdingNames, faultNames, verdictNames } from '@thimble/language'
import { log as t } from '@thimble/language/en/log'
import type { LogRow } from '@thimble/contract/log'
import { dateText, dayText } from '@/words/dates'
import { parseISO } from 'date-fns/parseISO'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Heading, Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { landingText } from '@/words/landingWords'
import { layersText } from '@/words/stackWords'

type Props = { row: LogRow; on: boolean; href: string; onOpen?: (() => void) | undefined }

/** One finished piece in a list. */
export function LogLine({ row, on, href, onOpen }: Props) {
  const p = usePalette()
  const style = useDocuments((s) => s.shop)
  const landing = landingText(row, style)
  return (
    <RowLink
      href={href}
      {...(onOpen ? { onOpen } : {})}
      aria-current={on || undefined}
      style={{
        backgroundColor: p.paper,
        borderLeftWidth: 4,
        borderLeftColor: on ? p.indigo : p.paper,
        borderTopWidth: 1,
        borderTopColor: p.seam,
        paddingHorizontal: 12,
        paddingVertical: 12,
        gap: 3,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Heading level={2} style={{ flex: 1, minWidth: 0 }}>
          {row.name}
        </Heading>
        <Text soft>{dayOf(row.finishedAt)}</Text>
      </View>
      <Text soft>
        {[row.customer, clothName(row.cloth).split(',')[0], row.holding ? holdingNames[row.holding].toLowerCase() : '']
          .filter(Boolean)
          .join(', ')}
      </Text>
      <Text style={{ fontSize: 16 }}>{layersText(row.layers) || t('no-layers-noted')}</Text>
      <Text
        style={{ fontSize: 16 }}
        tone={row.verdict === 'spoiled' ? 'madder' : row.verdict === 'good' ? 'moss' : undefined}
      >
        {[row.verdict ? verdictNames[row.verdict] : '', landing, row.faults.map((f) => faultNames[f]).join(', ')]
          .filter(Boolean)
          .join('. ')}
      </Text>
      {row.note ? <Text soft>{`“${row.note}”`}</Text> : null}
    </RowLink>
  )
}

/** The year beside it where it is not this one. */
const dayOf = (at: string): string => {
  const day = parseISO(at)
  return day.getFullYear() === new Date().getFullYear() ? dayText(day) : dateText(day)
}
