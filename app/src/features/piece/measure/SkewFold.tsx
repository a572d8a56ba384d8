import { View } from 'react-native'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import type { StageProps } from '../StageProps'
import { TapeField } from './TapeField'

type Props = Pick<StageProps, 'tools' | 'setHighlighted'>

/** The halves to either side, where a piece is not as even as it should be. */
export function SkewFold({ tools, setHighlighted }: Props) {
  const { piece, plan } = tools
  const halves = plan.asks.filter(({ optional }) => optional)
  if (halves.length === 0) return null
  const typed = halves.filter(({ id }) => piece.measure.measures[id]?.text).length
  return (
    <Fold
      title={plan.kind.worn ? 'Garment skewed?' : 'Not even?'}
      answer={typed > 0 ? `${typed} of ${halves.length} measured` : 'measure each half'}
      open={typed > 0}
      wrong={halves.some(({ id }) => plan.problems[`measures.${id}`])}
    >
      <Text soft>
        {plan.kind.worn
          ? 'Chalk a line straight down from the middle of the neck. Measure from it to each seam.'
          : 'Measure from the line or crease you start from to each edge.'}
      </Text>
      <View style={{ gap: 12 }}>
        {halves.map((ask) => (
          <TapeField key={ask.id} ask={ask} label={ask.name} {...{ tools, setHighlighted }} />
        ))}
      </View>
    </Fold>
  )
}
