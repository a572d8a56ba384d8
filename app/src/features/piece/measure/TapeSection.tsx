import { Button } from '@rneui/themed'
import type { MeasurementAsk } from '@thimble/core/placement'
import { carriedHere, resized } from '@thimble/plan'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { LengthField } from '@/ui/LengthField'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { StageProps } from '../StageProps'
import { ItemLine } from './ItemLine'
import { oddText } from './oddText'

type Props = Pick<StageProps, 'tools' | 'setHighlighted'>

/** The numbers this placement asks of the tape; grey ones are assumed until they are measured or confirmed. */
export function TapeSection({ tools, setHighlighted }: Props) {
  const { piece, plan, shelf, set } = tools
  const { kind, asks, carried, measures, problems, placement, write } = plan
  const needed = asks.filter((a) => !a.optional)
  const optional = asks.filter((a) => a.optional)
  const field = (ask: MeasurementAsk, number: string, half = false) => (
    <LengthField
      key={ask.id}
      half={half}
      label={`${number}${ask.name}`}
      hint={oddText(placement, ask.id) ?? ask.howTo}
      unit={shelf.shop.unit}
      typed={piece.measure.measures[ask.id]}
      placeholder={measures[ask.id] === undefined ? '' : write(measures[ask.id]!)}
      problem={problems[`measures.${ask.id}`]}
      onChange={(typed) => set({ measure: { measures: { [ask.id]: typed } } })}
      onFocus={() => setHighlighted(ask.id)}
      onBlur={() => setHighlighted(null)}
    />
  )
  return (
    <Section title="What the tape says" says={greyMeans(tools)}>
      {kind.sizes.length > 1 ? (
        <Choices
          label="Size"
          choices={kind.sizes}
          value={piece.item.size}
          onChange={(size) => set(resized(piece, size))}
        />
      ) : null}
      <View style={{ gap: 12 }}>{needed.map((ask, i) => field(ask, `${i + 1}  `))}</View>
      {carried.size > 0 ? <Confirm tools={tools} /> : null}
      {optional.length > 0 ? (
        <Disclosure
          title="Is it straight? Measure the halves"
          open={optional.some((a) => piece.measure.measures[a.id]?.text)}
        >
          <Text soft>
            {kind.worn
              ? 'Chalk a line straight down from the neck’s middle, then measure from it to either seam.'
              : 'Measure from the line or crease you start from to either edge.'}
          </Text>
          <View style={{ gap: 12 }}>{optional.map((ask) => field(ask, ''))}</View>
        </Disclosure>
      ) : null}
      {piece.item.shared ? null : <ItemLine tools={tools} />}
    </Section>
  )
}

/** What the grey numbers are. */
function greyMeans({ piece, plan: { kind, carried, assumed } }: Props['tools']): string | undefined {
  const before = piece.measure.carried
  if (carried.size > 0) return `Grey numbers are from “${before?.from}”: measure again, or confirm them.`
  if (assumed.size === 0) return undefined
  const usual = 'Grey numbers are assumed from the size until you type yours.'
  if (!before?.size || before.size === piece.item.size) return usual
  const size = kind.sizes.find(({ id }) => id === before.size)?.name ?? before.size
  return `${usual} “${before.from}” was measured on ${size}, so its numbers are not taken over.`
}

/** The numbers of the earlier piece, its own distances among them, taken as measured in one tap. */
function Confirm({ tools: { piece, plan, set } }: Pick<Props, 'tools'>) {
  const count = plan.carried.size
  const confirm = (): void => {
    const { distances } = piece.measure
    const carried = carriedHere(piece)
    if (!carried) return
    const measures = Object.fromEntries(Object.entries(carried.measures).filter(([id]) => plan.carried.has(id)))
    set({ measure: { measures, distances: { ...carried.distances, ...distances } } })
  }
  return (
    <Button
      type="outline"
      title={count === 1 ? 'Still right: take the grey number' : `Still right: take all ${count} grey numbers`}
      onPress={confirm}
    />
  )
}
