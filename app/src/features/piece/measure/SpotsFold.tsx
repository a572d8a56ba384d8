import { measure as t } from '@thimble/language/en/measure'
import { Button } from '@rneui/themed'
import type { MotifSpot, Patch } from '@thimble/contract'
import { writeName } from '@thimble/language'
import { inOrder } from '@thimble/plan'
import { nanoid } from 'nanoid'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { LengthField } from '@/ui/LengthField'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'
import { sideChoices } from './sideChoices'

/** The crosses of scattered motifs, each by its own two lengths. */
export function SpotsFold({ tools }: { tools: PieceTools }) {
  const { piece, shelf, set } = tools
  const spots = inOrder(piece.measure.spots)
  const nothing = { text: '', unit: shelf.shop.unit }
  const add = (): void => {
    const order = Math.max(-1, ...spots.map(([, spot]) => spot.order)) + 1
    const spot: MotifSpot = { order, down: nothing, side: 'centre', off: nothing }
    set({ measure: { spots: { [`motif-${nanoid().slice(0, 8)}`]: spot } } })
  }
  return (
    <Fold
      title={t('motifs')}
      answer={spots.length === 0 ? t('add-them') : String(spots.length)}
      open={spots.length === 0}
      wrong={Object.keys(tools.plan.problems).some((path) => path.startsWith('spots'))}
    >
      {spots.map(([id, spot], i) => (
        <Spot key={id} id={id} n={i + 1} spot={spot} tools={tools} />
      ))}
      <Button type="outline" title={t('add-a-motif')} onPress={add} />
    </Fold>
  )
}

type SpotProps = { id: string; n: number; spot: MotifSpot; tools: PieceTools }

function Spot({ id, n, spot, tools: { plan, shelf, set } }: SpotProps) {
  const p = usePalette()
  const put = (change: Patch<MotifSpot>): void => set({ measure: { spots: { [id]: change } } })
  const line = plan.placement?.item.lines.find(({ id: of }) => of === 'neck' || of === 'top')
  const length = (of: 'down' | 'off', label: string) => (
    <LengthField
      half
      label={label}
      slot={id}
      unit={shelf.shop.unit}
      typed={spot[of]}
      problem={plan.problems[`spots.${id}.${of}`]}
      onChange={(typed) => put({ [of]: typed })}
    />
  )
  return (
    <View style={{ gap: 10, borderLeftWidth: 4, borderLeftColor: p.seam, paddingLeft: 12 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Text bold style={{ flex: 1 }}>
          {t('motif', { n })}
        </Text>
        <Button
          type="outline"
          title={t('remove')}
          accessibilityLabel={t('remove-motif', { n })}
          onPress={() => set({ measure: { spots: { [id]: null } } }, t('motif-removed', { n }))}
        />
      </View>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {length('down', t('down-from', { which: line ? writeName(line.name) : t('the-top') }))}
        {spot.side === 'centre' ? <View style={{ flex: 1 }} /> : length('off', t('from-the-centre-line'))}
      </View>
      <Choices
        label={t('motif-lies', { n })}
        choices={sideChoices(plan)}
        value={spot.side}
        onChange={(side) => put({ side })}
      />
    </View>
  )
}
