import { writeMessage } from '@thimble/language'
import { designs as t } from '@thimble/language/en/designs'
import type { Thread } from '@thimble/contract'
import type { Match } from '@thimble/core/colour'
import { Button } from '@rneui/themed'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Field } from '@/ui/Field'
import { Text } from '@/ui/Text'
import { metres } from '@/words/designWords'

type Props = { colour: string; matches: readonly Match<Thread>[]; onRecolour: (colour: string) => void }

/** Another colour for one of the design's: the nearest threads, or any by its number. */
export function RecolourLine({ colour, matches, onRecolour }: Props) {
  const p = usePalette()
  const [text, setText] = useState(colour)
  const good = /^#[0-9a-f]{6}$/i.test(text.trim())
  return (
    <View style={{ gap: 8 }}>
      {matches.map(({ thread, words }) => (
        <Pressable
          key={thread.id}
          role="button"
          onPress={() => onRecolour(thread.colour.toLowerCase())}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 12,
            minHeight: 48,
            borderWidth: 1,
            borderColor: p.edge,
            backgroundColor: p.paper,
            paddingHorizontal: 12,
          }}
        >
          <View
            style={{ width: 28, height: 28, backgroundColor: thread.colour, borderWidth: 1, borderColor: p.seam }}
          />
          <View style={{ flex: 1, minWidth: 0 }}>
            <Text>{t('weight', { name: thread.name, weight: thread.weight })}</Text>
            <Text
              soft
            >{`${writeMessage(words)}${thread.leftM === null ? '' : t('left', { metres: metres(thread.leftM) })}`}</Text>
          </View>
          <Text bold tone="indigo">
            {t('use')}
          </Text>
        </Pressable>
      ))}
      <Field
        label={t('any-other-colour')}
        value={text}
        problem={good ? null : t('is-not-a-colour-write', { text })}
        onChange={setText}
      />
      <Button
        type="outline"
        title={t('use-this-colour')}
        disabled={!good || text.trim().toLowerCase() === colour}
        onPress={() => onRecolour(text.trim().toLowerCase())}
      />
    </View>
  )
}
