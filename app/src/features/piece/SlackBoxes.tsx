import type { HoopChoice } from '@thimble/core/hooping'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Words } from '@/ui/Words'

/** How far the design can still move each way in the field. */
export function SlackBoxes({ choice, write }: { choice: HoopChoice; write: (mm: number) => string }) {
  const p = usePalette()
  const { slack } = choice.fit
  const boxes = [
    { id: 'left', big: write(slack.left), small: 'slack left' },
    { id: 'right', big: write(slack.right), small: 'slack right' },
    { id: 'up', big: write(slack.up), small: 'slack up' },
    { id: 'down', big: write(slack.down), small: 'slack down' },
  ]
  return (
    <View
      style={{ flexDirection: 'row', flexWrap: 'wrap', backgroundColor: p.paper, borderWidth: 1, borderColor: p.seam }}
    >
      {boxes.map((box) => (
        <View
          key={box.id}
          style={{
            flexGrow: 1,
            flexBasis: '40%',
            padding: 10,
            borderBottomWidth: 1,
            borderBottomColor: p.seam,
            borderRightWidth: 1,
            borderRightColor: p.seam,
          }}
        >
          <Words bold style={{ fontSize: 24, lineHeight: 30 }}>
            {box.big}
          </Words>
          <Words soft style={{ fontSize: 14, lineHeight: 18 }}>
            {box.small}
          </Words>
        </View>
      ))}
    </View>
  )
}
