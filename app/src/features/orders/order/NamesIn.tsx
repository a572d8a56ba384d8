import { choicesOf } from '@/words/choicesOf'
import { writeName } from '@thimble/language'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { OrderName } from '@thimble/contract'
import { kindOfLine } from '@thimble/plan/orders'
import { memo, useCallback, useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Growing } from '@/ui/Growing'
import { LimitedField } from '@/ui/LimitedField'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { LineProps } from './lineProps'
import { setLine, setOrderUndoably } from './useOrder'
import { takeNamesIn } from './takeNamesIn'

type Sizes = ReturnType<typeof kindOfLine>['sizes']

/** Those that are in, in their order; one opens to be changed. */
export function NamesIn(props: LineProps) {
  const { order, id, line } = props
  const [open, setOpen] = useState<string | null>(null)
  const sizes = kindOfLine(line).sizes
  const rows = Object.entries(line.names).sort(([, a], [, b]) => a.order - b.order)
  const takeOut = useCallback(
    (row: string, { name }: OrderName): void =>
      setOrderUndoably(
        order.id,
        { lines: { [id]: { names: { [row]: null } } } },
        t('removed-2', { name: name || t('a-piece') }),
      ),
    [order.id, id],
  )
  const change = useCallback(
    (row: string, body: Partial<OrderName>): void => setLine(order.id, id, { names: { [row]: body } }),
    [order.id, id],
  )
  return (
    <Section title={t('names')}>
      {rows.length === 0 ? <Text soft>{t('none-yet-2')}</Text> : null}
      <View role="list">
        <Growing items={rows}>
          {(shown) =>
            shown.map(([row, name]) => (
              <Row key={row} {...{ row, name, sizes, change, takeOut, onOpen: setOpen }} open={open === row} />
            ))
          }
        </Growing>
      </View>
      <Button
        type="outline"
        title={t('add-a-name')}
        onPress={() => takeNamesIn(props, [{ size: kindOfLine(line).usualSize, name: '', colour: null, note: '' }])}
      />
    </Section>
  )
}

type RowProps = {
  row: string
  name: OrderName
  sizes: Sizes
  open: boolean
  onOpen: (row: string | null) => void
  change: (row: string, body: Partial<OrderName>) => void
  takeOut: (row: string, name: OrderName) => void
}

const Row = memo(function Row({ row, name, sizes, open, onOpen, ...ways }: RowProps) {
  const p = usePalette()
  const size = sizes.find(({ id }) => id === name.size)
  return (
    <View role="listitem" style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 4 }}>
      <Pressable
        role="button"
        aria-expanded={open}
        style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 44 }}
        onPress={() => onOpen(open ? null : row)}
      >
        <Text bold style={{ width: 56 }}>
          {size ? writeName(size.name) : name.size}
        </Text>
        <Text style={{ flex: 1 }}>{name.name || t('no-name-yet')}</Text>
        {name.colour ? (
          <View style={{ width: 22, height: 22, backgroundColor: name.colour, borderWidth: 1, borderColor: p.seam }} />
        ) : null}
        <Text soft>{name.note}</Text>
      </Pressable>
      {open ? <Open {...{ row, name, sizes, onOpen, ...ways }} /> : null}
    </View>
  )
})

function Open({ row, name, sizes, change, takeOut, onOpen }: Omit<RowProps, 'open'>) {
  return (
    <View style={{ gap: 10, paddingBottom: 12 }}>
      <LimitedField
        label={t('name')}
        slot={row}
        most={60}
        value={name.name}
        onChange={(text) => change(row, { name: text })}
      />
      <Choices
        label={t('size')}
        choices={choicesOf(sizes)}
        value={name.size}
        onChange={(size) => change(row, { size })}
      />
      <LimitedField
        label={t('note')}
        slot={row}
        most={400}
        value={name.note}
        onChange={(note) => change(row, { note })}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {name.colour ? (
          <Button type="outline" title={t('lines-colour')} onPress={() => change(row, { colour: null })} />
        ) : null}
        <Button
          type="outline"
          title={t('remove')}
          onPress={() => {
            onOpen(null)
            takeOut(row, name)
          }}
        />
      </View>
    </View>
  )
}
