import type { KeptMeasure, KeptRecord } from '@thimble/contract'
import { minuteParts } from '@thimble/contract'
import type { LengthStyle } from '@thimble/core/lengths'
import { faultNames, howBadNames, verdictNames } from '@thimble/core/records'
import { troubleChange } from '@thimble/core/trying'
import { View } from 'react-native'
import { FaultMarks, Photo } from '@/desk/inRecords'
import { Section } from '@/ui/Section'
import { BigNumbers, Words } from '@/ui/Words'
import { landingText } from '@/words/landingWords'
import { minutePartNames } from '@/words/recordWords'

type Props = { record: KeptRecord; style: LengthStyle; design: KeptMeasure['design'] | null }

/** How a piece came out, by its record alone. */
export function RecordOutcome({ record, style, design }: Props) {
  const { verdict, landing, later, faults, note, nextTime, trying, photos } = record
  const tried = trying && troubleChange(trying.change)
  return (
    <Section title={verdict ? verdictNames[verdict] : 'No verdict'}>
      <BigNumbers>{landingText(landing, style) || 'The landing was not measured.'}</BigNumbers>
      {later.map((one) => {
        const says = landingText(one, style)
        return says ? <Words key={one.hooping}>{`Hooping ${one.hooping + 1}: ${says.toLowerCase()}`}</Words> : null
      })}
      {faults.map((f) => (
        <View key={f.id} style={{ gap: 6 }}>
          <Words tone="madder">{`${faultNames[f.id]}, ${howBadNames[f.howBad]}`}</Words>
          {design && f.at.length > 0 ? (
            <FaultMarks design={design} cloth={record.basis.cloth.colour} at={f.at} of={faultNames[f.id]} />
          ) : null}
        </View>
      ))}
      {faults.length === 0 ? <Words>No faults noted.</Words> : null}
      <Minutes record={record} />
      {note ? <Words>{note}</Words> : null}
      {nextTime ? <Words bold>{`Next time: ${nextTime}`}</Words> : null}
      {tried ? <Words bold>{`To try: ${tried.says}`}</Words> : null}
      {photos.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
          {photos.map((id, i) => (
            <Photo key={id} id={id} label={`Photo ${i + 1}`} height={180} />
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
  return <Words>{`${minutes} minutes${parts.length > 0 ? `: ${parts.join(', ')}` : ''}.`}</Words>
}
