import { choicesOf } from '@/words/choicesOf'
import { writeName } from '@thimble/language'
import { measure as t } from '@thimble/language/en/measure'
import { Button } from '@rneui/themed'
import { carriedHere, resized } from '@thimble/plan'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { StageProps } from '../StageProps'
import { ItemLine } from './ItemLine'
import { TapeField } from './TapeField'

type Props = Pick<StageProps, 'tools' | 'setHighlighted'>

/** The numbers this placement asks of the tape, two in a row; grey ones are typical until they are measured. */
export function TapeSection({ tools, setHighlighted }: Props) {
  const { asks, carried } = tools.plan
  const needed = asks.filter((a) => !a.optional)
  const pairs = needed.filter((_, i) => i % 2 === 0).map((_, i) => needed.slice(2 * i, 2 * i + 2))
  return (
    <>
      <Section says={greyMeans(tools)}>
        {pairs.map((pair, row) => (
          <View key={pair[0]!.id} style={{ flexDirection: 'row', gap: 10 }}>
            {pair.map((ask, i) => (
              <TapeField
                key={ask.id}
                half
                ask={ask}
                label={`${2 * row + i + 1}  ${writeName(ask.name)}`}
                {...{ tools, setHighlighted }}
              />
            ))}
          </View>
        ))}
        {carried.size > 0 ? <Confirm tools={tools} /> : null}
      </Section>
      <View style={{ height: 14 }} />
      <ItemFold tools={tools} />
    </>
  )
}

/** What the piece is, and its size. */
function ItemFold({ tools }: Pick<Props, 'tools'>) {
  const { piece, plan, set } = tools
  const { kind } = plan
  const size = kind.sizes.find(({ id }) => id === piece.item.size)
  return (
    <Fold
      title={t('item-and-size')}
      answer={[writeName(kind.name), size && kind.sizes.length > 1 ? writeName(size.name) : '']
        .filter(Boolean)
        .join(', ')}
    >
      {kind.sizes.length > 1 ? (
        <Choices
          label={t('size')}
          choices={choicesOf(kind.sizes)}
          value={piece.item.size}
          onChange={(id) => set(resized(piece, id))}
        />
      ) : null}
      {piece.item.shared ? <Text soft>{t('other-placements-share-this-item')}</Text> : <ItemLine tools={tools} />}
    </Fold>
  )
}

/** What the grey numbers are. */
function greyMeans({ piece, plan: { kind, carried, assumed, asks } }: Props['tools']): string | undefined {
  const before = piece.measure.carried
  const asked = asks.filter(({ optional }) => !optional)
  const open = asked.filter(({ id }) => assumed.has(id)).length
  if (carried.size > 0) return t('grey-numbers-are-from-measure', { from: String(before?.from) })
  if (open === 0) return undefined
  const nameOf = (id: string): string => writeName(kind.sizes.find((one) => one.id === id)?.name ?? { own: id })
  const typical = kind.sizes.length > 1 ? t('typical-for-size', { size: nameOf(piece.item.size) }) : t('typical')
  const usual = t('numbers-are-type-over-them', {
    which: open === asked.length ? t('all') : t('of', { open, asked: asked.length }),
    typical,
  })
  if (!before?.size || before.size === piece.item.size) return usual
  return t('was-size-so-its-numbers', { usual, from: before.from, was: nameOf(before.size) })
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
  return <Button type="outline" title={t('still-right-use-the-grey', { count })} onPress={confirm} />
}
