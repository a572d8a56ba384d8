import { finish as t } from '@thimble/language/en/finish'
import { type MinutePart, minuteParts } from '@thimble/contract'
import { measuredMinutes, minuteProblems, minutesOf } from '@thimble/plan/record'
import { useMemo } from 'react'
import { View } from 'react-native'
import { useDocs } from '@/state/useShelfDocs'
import { LimitedField } from '@/ui/LimitedField'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { minutePartNames } from '@/words/recordWords'
import type { PieceTools } from '../usePiece'

/** Minutes by what they went into, as they were measured until something else is typed. */
export function MinutesForm({ tools: { piece, set } }: { tools: PieceTools }) {
  const events = useDocs('runEvents')
  const measured = useMemo(() => measuredMinutes(piece, events), [piece, events])
  const problems = minuteProblems(piece)
  const { whole } = minutesOf(piece, measured)
  const { minutes, minutesBy } = piece.finish
  const timed = Object.keys(measured).length > 0 && !minutes && Object.values(minutesBy).every((text) => !text)
  return (
    <Fold
      title={t('time')}
      wrong={Object.values(problems).some(Boolean)}
      answer={whole === null ? t('not-timed') : t('min', { whole, which: timed ? t('timed') : '' })}
    >
      <Text soft>{t('timed-automatically-correct-it-if')}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {minuteParts.map((part: MinutePart) => (
          <View key={part} style={{ flexGrow: 1, flexBasis: 140 }}>
            <LimitedField
              label={minutePartNames[part]}
              most={10}
              suffix="min"
              keyboard="numeric"
              placeholder={measured[part] === undefined ? undefined : String(Math.round(measured[part]! * 10) / 10)}
              value={minutesBy[part] ?? ''}
              problem={problems[part]}
              onChange={(text) => set({ finish: { minutesBy: { [part]: text } } })}
            />
          </View>
        ))}
      </View>
      <LimitedField
        label={t('or-in-total')}
        most={10}
        suffix="min"
        keyboard="numeric"
        value={minutes}
        problem={problems.minutes}
        onChange={(text) => set({ finish: { minutes: text } })}
      />
    </Fold>
  )
}
