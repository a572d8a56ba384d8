import { designs as t } from '@thimble/language/en/designs'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { ColourStrip } from '@/drawing/ColourStrip'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import type { OpenedDesign } from '@/workers/designWorker'
import { metres } from '@/words/designWords'

const FEW = 16

/** The colours as they are stitched, and the top thread each takes; `at` is the one the needle is in. */
export function StitchOrder({ opened, at }: { opened: OpenedDesign; at: number | null }) {
  const p = usePalette()
  const [all, setAll] = useState(false)
  const { byBlock } = opened.thread
  const { blocks } = opened.design.summary
  const shown = all ? byBlock : byBlock.slice(0, FEW)
  return (
    <View style={{ gap: 6 }}>
      <ColourStrip
        blocks={byBlock.map(({ colour }, i) => ({ colour, share: blocks[i]!.stitches }))}
        height={16}
        at={at}
        label={t('colours-in-stitch-order')}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 12, rowGap: 2 }}>
        {shown.map(({ colour, topMetres }, i) => (
          <View key={i} style={{ flexDirection: 'row', alignItems: 'center', gap: 4 }}>
            <Text soft bold={i === at}>{`${i + 1}`}</Text>
            <View style={{ width: 14, height: 14, backgroundColor: colour, borderWidth: 1, borderColor: p.inkSoft }} />
            <Text soft bold={i === at}>
              {metres(topMetres)}
            </Text>
          </View>
        ))}
        {byBlock.length > FEW ? (
          <Pressable role="button" onPress={() => setAll(!all)} style={{ minHeight: 44, justifyContent: 'center' }}>
            <Text soft tone="indigo">
              {all ? t('fewer') : t('and-more', { byBlock: byBlock.length - FEW })}
            </Text>
          </Pressable>
        ) : null}
      </View>
    </View>
  )
}
