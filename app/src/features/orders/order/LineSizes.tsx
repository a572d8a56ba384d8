import { orders as t } from '@thimble/language/en/orders'
import { labelOf, writeName } from '@thimble/language'
import type { Piece } from '@thimble/contract'
import { newPiece, planMeasure } from '@thimble/plan'
import { garmentsOf, kindOfLine, placesOf } from '@thimble/plan/orders'
import { useMemo } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { usePlanShelf } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Heading, Text } from '@/ui/Text'
import type { LineProps } from './lineProps'

/** One plan a line, and each size's own numbers in it: as measured on a piece of that size, else as is usual for it. */
export function LineSizes({ id, line }: LineProps) {
  const p = usePalette()
  const inUnits = useUnits()
  const sizes = useSizes(id, line)
  if (sizes.length === 0) return null
  return (
    <Section title={t('size-by-size')} says={t('plan-one-piece-and-use')}>
      {sizes.map(({ key, title, says, warnings, measured }) => (
        <View key={key} style={{ gap: 4, borderTopWidth: 1, borderTopColor: p.seam, paddingTop: 8 }}>
          <Heading level={3}>{title}</Heading>
          <Text>{inUnits(says)}</Text>
          <Text soft>{measured ? t('from-a-piece-of-this') : t('typical-for-this-size-not')}</Text>
          {warnings.map((advice) => (
            <AdviceBar key={advice.code} advice={advice} />
          ))}
        </View>
      ))}
    </Section>
  )
}

/** For each size that is ordered and each place: where the design comes, and what is odd about it there. */
function useSizes(lineId: string, line: LineProps['line']) {
  const shelf = usePlanShelf()
  const pieces = useDocuments((s) => s.docs.pieces)
  const leads = useMemo(() => Object.values(pieces).filter((piece) => piece.order?.line === lineId), [pieces, lineId])
  return useMemo(() => {
    const kind = kindOfLine(line)
    const ordered = kind.sizes.filter(({ id }) => garmentsOf(line).some(({ size }) => size === id))
    return placesOf(line).flatMap(([placeId, place]) =>
      ordered.map(({ id: size, name }) => {
        const lead = leads.find((one) => one.order!.place === placeId && one.item.size === size && one.order!.follows)
        const plan = planMeasure(lead ?? likeOne(line, place, size), shelf)
        const where =
          placesOf(line).length > 1 ? `${writeName(name)}, ${writeName(plan.rule.name).toLowerCase()}` : writeName(name)
        return {
          ...{ key: `${placeId} ${size}`, title: where },
          says:
            plan.placement?.distances.map((d) => `${labelOf(d.name)} ${plan.write(d.mm)}`).join('; ') ||
            t('in-its-place'),
          warnings: plan.placement?.warnings.filter(({ severity }) => severity !== 'note') ?? [],
          measured: Boolean(lead && plan.assumed.size < plan.asks.length),
        }
      }),
    )
  }, [line, shelf, leads])
}

/** A piece of the line as it would be made; its name, where it bears one, is not set yet. */
function likeOne(line: LineProps['line'], place: LineProps['line']['places'][string], size: string): Piece {
  const piece = newPiece({
    ...{ id: 'like', name: t('like'), createdAt: '2000-01-01T00:00:00.000Z', placement: place.placement },
    item: { kind: line.item.kind, size, own: line.item.own },
    family: line.cloth.family,
  })
  return { ...piece, measure: { ...piece.measure, designId: place.designId } }
}
