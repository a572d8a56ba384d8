import { choicesOf } from '@/words/choicesOf'
import { writeName } from '@thimble/language'
import { orders as t } from '@thimble/language/en/orders'
import type { CustomItem, SavedItem } from '@thimble/contract'
import { customItem, customKindId, itemKind, itemKinds } from '@thimble/core/placement'
import type { ClothFamily } from '@thimble/core/recipe'
import { madeOf, madeOfNamed } from '@thimble/plan'
import { kindOfLine } from '@thimble/plan/orders'
import { ClothColour } from '@/shared/ClothColour'
import { useNamed } from '@/state/useShelfDocs'
import { Choices } from '@/ui/Choices'
import { Text } from '@/ui/Text'
import { clothChoices, namedChoices, namedOf } from '@/words/clothWords'
import { clothOf } from './addLine'
import type { LineProps } from './lineProps'

const [SWATCH, OWN] = ['swatch.', 'own.']

const outlineOf = ({ name, edges, lines, strips }: SavedItem): CustomItem => ({ name, edges, lines, strips })

/** The item and its cloth. Once pieces were made of a line, what it is stays. */
export function LineItem({ line, set, begun }: LineProps & { begun: boolean }) {
  const kind = kindOfLine(line)
  const items = useNamed('items')
  const own = items.map(({ id, name }) => ({ id: OWN + id, name }))
  const pick = (id: string): void => {
    const picked = items.find((one) => OWN + one.id === id)
    const item = picked ? { kind: customKindId, own: outlineOf(picked) } : { kind: id, own: null }
    const next = picked ? customItem(picked) : itemKind(id)
    const places = Object.fromEntries(Object.keys(line.places).map((place) => [place, null]))
    set({ item, cloth: clothOf(next), places, counts: noCounts(line.counts) })
  }
  const chosen = line.item.own
    ? OWN + (items.find(({ name }) => name === line.item.own?.name)?.id ?? '')
    : line.item.kind
  return (
    <>
      {begun ? (
        <Text soft>{t('fixed-because-pieces-are-made', { name: writeName(kind.name) })}</Text>
      ) : (
        <Choices label={t('item')} long choices={[...own, ...choicesOf(itemKinds)]} value={chosen} onChange={pick} />
      )}
      <Cloth line={line} set={set} />
      <ClothColour label={t('colour')} value={line.cloth.colour} onChange={(colour) => set({ cloth: { colour } })} />
    </>
  )
}

/** Sizes of another item are other sizes. */
const noCounts = (counts: LineProps['line']['counts']) =>
  Object.fromEntries(Object.keys(counts).map((size) => [size, null]))

function Cloth({ line: { cloth }, set }: Pick<LineProps, 'line' | 'set'>) {
  const swatches = useNamed('swatches')
  const own = swatches.map(({ id, name, colour }) => ({ id: SWATCH + id, name, swatch: colour }))
  const byName = cloth.swatch && namedChoices.find(({ id }) => namedOf(id)?.id === cloth.swatch?.id)
  const pick = (id: string): void => {
    const picked = swatches.find((one) => SWATCH + one.id === id)
    const named = namedOf(id)
    if (named) set({ cloth: madeOfNamed(named) })
    else set({ cloth: picked ? madeOf(picked) : { family: id as ClothFamily, swatch: null } })
  }
  return (
    <Choices
      label={t('cloth')}
      long
      choices={[...own, ...clothChoices, ...namedChoices]}
      value={byName?.id ?? (cloth.swatch ? SWATCH + cloth.swatch.id : cloth.family)}
      onChange={pick}
    />
  )
}
