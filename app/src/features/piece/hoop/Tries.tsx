import { triesOf } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { turnWords } from '@/words/turnWords'
import type { PieceTools } from '../usePiece'

const ways = { marks: 'by marks', edges: 'by hems', camera: 'by camera' } as const

/** Every hooping of this piece as it was found. */
export function Tries({ tools: { piece } }: { tools: PieceTools }) {
  const p = usePalette()
  const tries = triesOf(piece)
  if (tries.length === 0) return null
  return (
    <Section title="Hooped so far">
      {tries.map((one, i) => (
        <View key={one.at + i} style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}>
          <Text bold>{`${i + 1}: ${one.then === 'kept' ? 'dialled in' : 're-hooped'}`}</Text>
          <Text soft>
            {[
              `turned ${turnWords(Number(one.exact.rotation.toFixed(1)))}`,
              ways[one.way],
              one.fits ? 'fits' : 'didn’t fit',
              one.minutes === null ? '' : `${one.minutes} min`,
            ]
              .filter(Boolean)
              .join(', ')}
          </Text>
        </View>
      ))}
    </Section>
  )
}
