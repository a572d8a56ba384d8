import type { Because } from '@thimble/core/recipe/recipeOption'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from '@/ui/Words'

/** The reasons, numbered, each with the house habit behind it where there is one. */
export function WhyList({ because }: { because: readonly Because[] }) {
  const p = usePalette()
  return (
    <View role="list">
      {because.map((b, i) => (
        <View
          role="listitem"
          key={b.rule}
          style={{ flexDirection: 'row', gap: 14, borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 9 }}
        >
          <Words soft style={{ width: 16 }}>
            {i + 1}
          </Words>
          <View style={{ flex: 1 }}>
            <Words style={{ fontSize: 16 }}>{b.text}</Words>
            {b.habit ? (
              <Words soft style={{ fontSize: 14 }}>
                A house habit decides this; change it behind the thimble.
              </Words>
            ) : null}
          </View>
        </View>
      ))}
    </View>
  )
}
