import { choicesOf } from '@/words/choicesOf'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { LinePlace } from '@thimble/contract'
import { kindOfLine, placesOf } from '@thimble/plan/orders'
import { Pressable, View } from 'react-native'
import { useShelvedDesigns } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { Heading, Text } from '@/ui/Text'
import { namesOn, placeId, placeOn } from './addLine'
import type { LineProps } from './lineProps'
import { setOrderUndoably } from './useOrder'
import { NameSettings } from './NameSettings'

/** Where on the item something goes, and what: a design of the shelf, or each one's name. */
export function LinePlaces(props: LineProps) {
  const { line, set } = props
  const kind = kindOfLine(line)
  const places = placesOf(line)
  const add = (): void => set({ places: { [placeId()]: placeOn(line, kind) } })
  return (
    <Section title={t('placements')}>
      {places.map(([id, place], i) => (
        <Place key={id} {...props} placeId={id} place={place} nth={places.length > 1 ? i + 1 : null} />
      ))}
      {places.length < kind.placements.length ? (
        <Button
          type={places.length === 0 ? 'solid' : 'outline'}
          title={places.length === 0 ? t('choose-a-placement') : t('add-a-placement')}
          onPress={add}
        />
      ) : null}
    </Section>
  )
}

type PlaceProps = LineProps & { placeId: string; place: LinePlace; nth: number | null }

function Place({ order, id: lineId, line, set, placeId: id, place, nth }: PlaceProps) {
  const p = usePalette()
  const kind = kindOfLine(line)
  const tell = (body: Partial<LinePlace>): void => set({ places: { [id]: body } })
  const what = place.names ? 'names' : 'design'
  const tellWhat = (next: 'names' | 'design'): void =>
    tell(next === 'names' ? { names: namesOn(kind, place.placement, line), designId: null } : { names: null })
  return (
    <View style={{ gap: 10, borderLeftWidth: 4, borderLeftColor: p.seam, paddingLeft: 12 }}>
      {nth ? <Heading level={3}>{t('place', { nth })}</Heading> : null}
      <Choices
        label={t('where')}
        long={kind.placements.length > 4}
        choices={choicesOf(kind.placements)}
        value={place.placement}
        onChange={(placement) => tell({ placement })}
      />
      <Choices
        label={t('what')}
        choices={[
          { id: 'design', name: t('a-design') },
          { id: 'names', name: t('personal-name') },
        ]}
        value={what}
        onChange={tellWhat}
      />
      {place.names ? (
        <NameSettings
          slot={id}
          line={line}
          setting={place.names}
          set={(names) => tell({ names } as Partial<LinePlace>)}
        />
      ) : (
        <WhichDesign place={place} onChange={(designId) => tell({ designId })} />
      )}
      <Pressable
        role="button"
        style={{ minHeight: 44, justifyContent: 'center' }}
        onPress={() =>
          setOrderUndoably(order.id, { lines: { [lineId]: { places: { [id]: null } } } }, t('that-place-is-removed'))
        }
      >
        <Text tone="madder">{t('remove-this-placement')}</Text>
      </Pressable>
    </View>
  )
}

function WhichDesign({ place, onChange }: { place: LinePlace; onChange: (id: string) => void }) {
  const designs = useShelvedDesigns()
  if (designs.length === 0) return <Text soft>{t('no-designs-yet-add-one')}</Text>
  return <Choices label={t('design')} long choices={designs} value={place.designId} onChange={onChange} />
}
