import { log as t } from '@thimble/language/en/log'
import type { MeasureDecision, Piece } from '@thimble/contract'
import type { LengthStyle } from '@thimble/core/lengths'
import { View } from 'react-native'
import { Disclosure } from '@/ui/Disclosure'
import { RecordOutcome } from './RecordOutcome'
import { dateTimeText } from '@/words/dates'

type Props = { earlier: Piece['finish']['earlier']; style: LengthStyle; design: MeasureDecision['design'] | null }

/** What a record said before it was amended, the latest first. */
export function EarlierRecords({ earlier, style, design }: Props) {
  const records = Object.values(earlier)
    .flat()
    .sort((a, b) => b.at.localeCompare(a.at))
  if (records.length === 0) return null
  return (
    <View style={{ paddingHorizontal: 16, paddingTop: 12 }}>
      {records.map((record) => (
        <Disclosure key={record.at} title={t('as-saved-on', { dateTime: dateTimeText(record.at) })}>
          <RecordOutcome {...{ record, style, design }} />
        </Disclosure>
      ))}
    </View>
  )
}
