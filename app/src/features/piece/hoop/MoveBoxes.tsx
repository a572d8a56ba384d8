import type { Move } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

type Props = { move: Pick<Move, 'turn' | 'right' | 'down'> }

/** A number of steps without the zeros that say nothing. */
const plain = (value: number): string => String(Number(Math.abs(value).toFixed(2)))

/** What is dialled at the machine: the turn, and how far to the right and down; the first of them that is any is the largest. */
export function MoveBoxes({ move }: Props) {
  const p = usePalette()
  const { turn, right, down } = move
  const boxes = [
    {
      id: 'turn',
      big: `${plain(turn)}°`,
      small: turn === 0 ? 'no turn' : turn > 0 ? 'clockwise' : 'anticlockwise',
      on: turn !== 0,
    },
    { id: 'across', ...told(right, 'right', 'left') },
    { id: 'along', ...told(down, 'down', 'up') },
  ]
  const main = boxes.findIndex((box) => box.on)
  if (main < 0)
    return (
      <Text bold style={{ fontSize: 24, lineHeight: 30 }}>
        Nothing: upright, in the middle
      </Text>
    )
  return (
    <View style={{ flexDirection: 'row', backgroundColor: p.paper, borderWidth: 1, borderColor: p.seam }}>
      {boxes.map((box, i) => (
        <View
          key={box.id}
          style={{
            flexGrow: i === main ? 1.35 : 1,
            flexBasis: 0,
            minWidth: 0,
            padding: 10,
            borderLeftWidth: i === 0 ? 0 : 1,
            borderLeftColor: p.seam,
            justifyContent: 'flex-end',
          }}
        >
          <Text
            bold
            soft={!box.on}
            style={i === main ? { fontSize: 40, lineHeight: 46 } : { fontSize: 26, lineHeight: 32 }}
          >
            {box.big}
          </Text>
          <Text soft style={{ fontSize: 15, lineHeight: 19 }}>
            {box.small}
          </Text>
        </View>
      ))}
    </View>
  )
}

/** In millimetres whatever the shop measures in: so a machine's own display has it, and its steps are not the tape's. */
function told(mm: number, plus: string, minus: string) {
  if (Math.abs(mm) < 1e-9) return { big: '0', small: `nothing ${plus} or ${minus}`, on: false }
  return { big: plain(mm), small: `mm ${mm > 0 ? plus : minus}`, on: true }
}
