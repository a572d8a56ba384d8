import { hoop as t } from '@thimble/language/en/hoop'
import { triesOf } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { turnWords } from '@/words/turnWords'
import type { PieceTools } from '../usePiece'

const ways = { marks: t('by-marks'), edges: t('by-hems'), camera: t('by-camera') } as const

/** Every hooping of this piece as it was found. */
export function Tries({ tools: { piece } }: { tools: PieceTools }) {
  const p = usePalette()
  const tries = triesOf(piece)
  if (tries.length === 0) return null
  return (
    <Section title={t('hooped-so-far')}>
      {tries.map((one, i) => (
        <View key={one.at + i} style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}>
          <Text bold>{`${i + 1}: ${one.then === 'kept' ? t('dialled-in') : t('re-hooped')}`}</Text>
          <Text soft>
            {[
              t('turned', { turn: turnWords(Number(one.exact.rotation.toFixed(1))) }),
              ways[one.way],
              one.fits ? t('fits-2') : t('didnt-fit'),
              one.minutes === null ? '' : t('min', { minutes: one.minutes }),
            ]
              .filter(Boolean)
              .join(', ')}
          </Text>
        </View>
      ))}
    </Section>
  )
}
