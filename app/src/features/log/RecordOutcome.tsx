import { log as t } from '@thimble/language/en/log'
import { faultNames, howBadNames, verdictNames, writeMessage } from '@thimble/language'
import type { MeasureDecision, RecordDecision } from '@thimble/contract'
import { minuteParts } from '@thimble/contract'
import type { LengthStyle } from '@thimble/core/lengths'
import { troubleChange } from '@thimble/core/suggestedChanges'
import { View } from 'react-native'
import { FaultMarks, Photo } from '@/shared/inRecords'
import { Section } from '@/ui/Section'
import { BigNumbers, Text } from '@/ui/Text'
import { landingText } from '@/words/landingWords'
import { minutePartNames } from '@/words/recordWords'

type Props = { record: RecordDecision; style: LengthStyle; design: MeasureDecision['design'] | null }

/** How a piece came out, by its record alone. */
export function RecordOutcome({ record, style, design }: Props) {
  const { verdict, landing, later, faults, note, nextTime, trying, photos } = record
  const tried = trying && troubleChange(trying.change)
  return (
    <Section title={verdict ? verdictNames[verdict] : t('no-verdict')}>
      <BigNumbers>{landingText(landing, style) || t('not-measured-where-it-landed')}</BigNumbers>
      {later.map((one) => {
        const says = landingText(one, style)
        return says ? (
          <Text key={one.hooping}>{t('hooping', { hooping: one.hooping + 1, says: says.toLowerCase() })}</Text>
        ) : null
      })}
      {faults.map((f) => (
        <View key={f.id} style={{ gap: 6 }}>
          <Text tone="madder">{`${faultNames[f.id]}, ${howBadNames[f.howBad]}`}</Text>
          {design && f.at.length > 0 ? (
            <FaultMarks design={design} cloth={record.basis.cloth.colour} at={f.at} of={faultNames[f.id]} />
          ) : null}
        </View>
      ))}
      {faults.length === 0 ? <Text>{t('no-faults-noted')}</Text> : null}
      <Minutes record={record} />
      {note ? <Text>{note}</Text> : null}
      {nextTime ? <Text bold>{t('next-time-2', { nextTime })}</Text> : null}
      {tried ? <Text bold>{t('to-try', { writeMessage: writeMessage(tried.said) })}</Text> : null}
      {photos.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
          {photos.map((id, i) => (
            <Photo key={id} id={id} label={t('photo', { i: i + 1 })} height={180} />
          ))}
        </View>
      ) : null}
    </Section>
  )
}

function Minutes({ record: { minutes, minutesBy } }: Pick<Props, 'record'>) {
  if (minutes === null) return null
  const parts = minuteParts.flatMap((part) =>
    minutesBy[part] === undefined ? [] : [`${minutesBy[part]} ${minutePartNames[part].toLowerCase()}`],
  )
  return <Text>{t('minutes-2', { minutes, which: parts.length > 0 ? `: ${parts.join(', ')}` : '' })}</Text>
}
