import { orders as t } from '@thimble/language/en/orders'
import type { Order, OrderLine } from '@thimble/contract'
import { kindOfLine, lineName } from '@thimble/plan/orders'
import { View } from 'react-native'
import { ItemThumb } from '@/drawing/ItemThumb'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Heading, Text } from '@/ui/Text'
import { lineLacks, placesText, sizesText } from './orderWords'

type Props = { order: Order; id: string; line: OrderLine }

/** A line as it lies on the order: what, how many, what goes where, and what is still to be said. */
export function LineCard({ order, id, line }: Props) {
  const p = usePalette()
  const designs = useDocuments((s) => s.docs.designs)
  const kind = kindOfLine(line)
  const lacks = lineLacks(line)
  return (
    <RowLink
      href={`/runs/order/${order.id}/line/${id}`}
      style={{
        ...{ flexDirection: 'row', gap: 14, padding: 12, backgroundColor: p.paper },
        ...{ borderTopWidth: 1, borderBottomWidth: 1, borderColor: p.seam },
      }}
    >
      <ItemThumb kind={kind} size={kind.usualSize} colour={line.cloth.colour} px={72} />
      <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
        <Heading level={3}>{lineName(line)}</Heading>
        <Text>{sizesText(line)}</Text>
        <Text soft>{placesText(line, designs)}</Text>
        {lacks ? <Text tone="madder">{t('still-to-do', { lacks })}</Text> : null}
      </View>
    </RowLink>
  )
}
