import { many } from '@thimble/language/en/counts'
import { piece as t } from '@thimble/language/en/piece'
import type { Because } from '@thimble/core/recipe'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Fold } from '@/ui/Fold'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import { RowLink } from '@/ui/RowLink'

type Reasons = { because: readonly Pick<Because, 'rule' | 'said' | 'habit'>[] }

/** The reasons behind a line of their own; nothing where none are known. */
export const Why = ({ because }: Reasons) =>
  because.length > 0 ? (
    <Fold title={t('why')} answer={many(because.length, 'reason')}>
      <WhyList because={because} />
    </Fold>
  ) : null

/** The reasons, numbered, each with the preference behind it where there is one. */
export function WhyList({ because }: Reasons) {
  const p = usePalette()
  const say = useSay()
  return (
    <View role="list">
      {because.map((b, i) => (
        <View
          role="listitem"
          key={b.rule}
          style={{ flexDirection: 'row', gap: 14, borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 9 }}
        >
          <Text soft style={{ width: 16 }}>
            {i + 1}
          </Text>
          <View style={{ flex: 1 }}>
            <Text style={{ fontSize: 16 }}>{say(b.said)}</Text>
            {b.habit ? (
              <RowLink
                href={`/settings/preferences?open=${b.habit}`}
                style={{ minHeight: 44, justifyContent: 'center' }}
              >
                <Text tone="indigo" style={{ fontSize: 14 }}>
                  {t('your-preference')}
                </Text>
              </RowLink>
            ) : null}
          </View>
        </View>
      ))}
    </View>
  )
}
