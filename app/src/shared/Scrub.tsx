import { things as t } from '@thimble/language/en/things'
import { View } from 'react-native'
import { Button } from '@rneui/themed'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

type Props = { total: number; at: number; onChange: (stitch: number) => void; says: string }

/** Runs through the stitches: a slider over all of them, and steps of one for a close look. */
export function Scrub({ total, at, onChange, says }: Props) {
  const p = usePalette()
  const step = (by: number): void => onChange(Math.max(0, Math.min(total, at + by)))
  return (
    <View style={{ gap: 2, paddingHorizontal: 16, paddingTop: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Button type="outline" title="−1" accessibilityLabel={t('one-stitch-back')} onPress={() => step(-1)} />
        <input
          type="range"
          aria-label={t('drawn-up-to-stitch')}
          aria-valuetext={says}
          min={0}
          max={total}
          step={Math.max(1, Math.round(total / 2000))}
          value={at}
          onChange={(e) => onChange(Number(e.target.value))}
          style={{ flex: 1, minWidth: 0, height: 44, accentColor: p.indigo }}
        />
        <Button type="outline" title="+1" accessibilityLabel={t('one-stitch-on')} onPress={() => step(1)} />
      </View>
      <Text soft>{says}</Text>
    </View>
  )
}
