import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'

type Props = {
  /** In stitch order; `share` is how wide each is against the others. */
  blocks: readonly { colour: string; share: number }[]
  height: number
  /** Which block is highlighted. */
  at?: number | null
  label?: string
}

/** Colours in the order they are stitched, as a strip; narrow ones stay wide enough to be seen. */
export function ColourStrip({ blocks, height, at, label }: Props) {
  const p = usePalette()
  const whole = blocks.reduce((sum, b) => sum + b.share, 0) || 1
  return (
    <View
      role={label ? 'img' : undefined}
      aria-label={label}
      aria-hidden={!label}
      style={{ flexDirection: 'row', height, borderWidth: 1, borderColor: p.inkSoft }}
    >
      {blocks.map(({ colour, share }, i) => (
        <View
          key={i}
          style={{
            flexGrow: Math.max(share / whole, 0.012),
            flexBasis: 0,
            backgroundColor: colour,
            borderRightWidth: i < blocks.length - 1 ? 1 : 0,
            borderRightColor: p.inkSoft,
            ...(at === i ? { borderBottomWidth: 4, borderBottomColor: p.indigo } : {}),
          }}
        />
      ))}
    </View>
  )
}
