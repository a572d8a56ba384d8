import { hoop as t } from '@thimble/language/en/hoop'
import { writeMessage } from '@thimble/language'
import { dialMessage, type DialPart, dialParts, type Move } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

type Props = { move: Pick<Move, 'turn' | 'right' | 'down'> }

/** What is dialled at the machine: the turn, and how far to the right and down; the first of them that is any is the largest. */
export function MoveBoxes({ move }: Props) {
  const p = usePalette()
  const boxes = dialParts(move)
  const said = writeMessage(dialMessage(move))
  const main = boxes.findIndex(({ any }) => any)
  if (main < 0)
    return (
      <Text bold role="group" aria-label={said} style={{ fontSize: 24, lineHeight: 30 }}>
        {t('centred-no-turn-no-move')}
      </Text>
    )
  return (
    <View
      role="group"
      aria-label={said}
      style={{ flexDirection: 'row', backgroundColor: p.paper, borderWidth: 1, borderColor: p.seam }}
    >
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
            soft={!box.any}
            style={i === main ? { fontSize: 40, lineHeight: 46 } : { fontSize: 26, lineHeight: 32 }}
          >
            {box.id === 'turn' ? `${box.amount}°` : box.amount}
          </Text>
          <Text soft style={{ fontSize: 15, lineHeight: 19 }}>
            {wayOf(box)}
          </Text>
        </View>
      ))}
    </View>
  )
}

const ways = {
  clockwise: t('clockwise'),
  anticlockwise: t('anticlockwise'),
  right: t('right'),
  left: t('left'),
  toward: t('toward-you'),
  away: t('away-from-you'),
}

const wayOf = ({ id, way, any }: DialPart): string => {
  if (id === 'turn') return any ? ways[way] : t('no-turn')
  return `${any ? 'mm ' : ''}${ways[way]}`
}
