import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import type { Remedy } from '@thimble/core/hooping'
import { movedPart, type StraightCheck } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'
import { noMarks } from './noMarks'

const LEAST_SCALE = 0.8

type Props = { tools: PieceTools; check: StraightCheck }

/** Ways to bring it in, least trouble first. */
export function Remedies({ tools, check }: Props) {
  const p = usePalette()
  const say = useSay()
  const { remedies } = check.correction!
  if (remedies.length === 0) return <Text>{t('it-wont-fit-at-this')}</Text>
  return (
    <View role="list">
      {remedies.map((remedy, i) => (
        <View
          role="listitem"
          key={remedy.kind + i}
          style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 10, gap: 8 }}
        >
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Text bold style={{ width: 20 }}>
              {i + 1}
            </Text>
            <Text bold={i === 0} style={{ flex: 1 }}>
              {say(remedy.said)}
            </Text>
          </View>
          <Take tools={tools} remedy={remedy} />
        </View>
      ))}
    </View>
  )
}

/** What of a remedy the program does itself. */
function Take({ tools: { piece, set }, remedy }: { tools: PieceTools; remedy: Remedy }) {
  const router = useRouter()
  if (remedy.kind === 'scale') {
    // Rounded down to a tenth of a percent, which is what a machine is told.
    const scale = Math.floor(remedy.factor * piece.hoop.scale * 1000) / 1000
    // Smaller than that it is another design.
    if (scale < LEAST_SCALE) return null
    return (
      <Button
        type="outline"
        title={t('make-it', { floor: Math.floor(scale * 1000) / 10 })}
        onPress={() => set({ hoop: { scale } })}
      />
    )
  }
  if (remedy.kind === 'move-part') {
    const hoop = movedPart(piece, Number(remedy.part), remedy.dx, remedy.dy)
    return <Button type="outline" title={t('move-it-here-and-at')} onPress={() => set({ hoop })} />
  }
  if (remedy.kind === 'other-hoop')
    return (
      <Button
        type="outline"
        title={t('use-that-hoop')}
        onPress={() => {
          set({ hoop: { hoopId: remedy.hoop, reopened: true, scale: 1, landed: noMarks(piece) } })
          router.replace(`/piece/${piece.id}`)
        }}
      />
    )
  return null
}
