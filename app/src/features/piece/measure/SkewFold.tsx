import { writeName } from '@thimble/language'
import { measure as t } from '@thimble/language/en/measure'
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
      title={plan.kind.worn ? t('garment-skewed') : t('not-even')}
      answer={typed > 0 ? t('of-measured', { typed, halves: halves.length }) : t('measure-each-half')}
      open={typed > 0}
      wrong={halves.some(({ id }) => plan.problems[`measures.${id}`])}
    >
      <Text soft>{plan.kind.worn ? t('chalk-a-line-straight-down') : t('measure-from-the-line-or')}</Text>
      <View style={{ gap: 12 }}>
        {halves.map((ask) => (
          <TapeField key={ask.id} ask={ask} label={writeName(ask.name)} {...{ tools, setHighlighted }} />
        ))}
      </View>
    </Fold>
  )
}
