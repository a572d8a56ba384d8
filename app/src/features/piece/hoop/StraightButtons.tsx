import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import type { StraightCheck } from '@thimble/plan'
import { View } from 'react-native'

type Props = { check: StraightCheck; onDone: (then: 'kept' | 'again') => void }

/** Dialled as it says, or hooped again. */
export function StraightButtons({ check: { correction, warnings }, onDone }: Props) {
  const good = correction?.fitsExact === true && !warnings.some((w) => w.severity === 'stop')
  return (
    <View style={{ flexDirection: 'row', gap: 12 }}>
      <View style={{ flex: 1 }}>
        <Button title={t('ive-dialled-it-in')} disabled={!good} onPress={() => onDone('kept')} />
      </View>
      <View style={{ flex: 1 }}>
        <Button type="outline" title={t('re-hoop')} disabled={!correction} onPress={() => onDone('again')} />
      </View>
    </View>
  )
}
