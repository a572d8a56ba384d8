import { choicesOf } from '@/words/choicesOf'
import { writeName } from '@thimble/language'
import { bench as t } from '@thimble/language/en/bench'
import { Button } from '@rneui/themed'
import type { SavedItem } from '@thimble/contract'
import { customItem, customKindId, findKinds, itemGroups, type ItemKind, itemKinds } from '@thimble/core/placement'
import type { ClothFamily } from '@thimble/core/recipe'
import { newPiece } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { useCallback, useMemo, useState } from 'react'
import { type Control, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField } from '@/forms/FormField'
import { useDraftForm } from '@/forms/useDraftForm'
import { create } from '@/sync/changes'
import { useNamed } from '@/state/useShelfDocs'
import { Field } from '@/ui/Field'
import { Disclosure } from '@/ui/Disclosure'
import { Page } from '@/ui/Page'
import { RadioGroup } from '@/ui/RadioGroup'
import { Section } from '@/ui/Section'
import { Heading, Text } from '@/ui/Text'
import { itemGroupNames } from '@/words/itemGroupNames'
import { KindTile } from './KindTile'
import { PastPieces } from './PastPieces'
import { nanoid } from 'nanoid'

/** An item to start from; `own`: one of the worker's, with its outline. */
type Entry = { id: string; kind: ItemKind; own?: SavedItem }
type Texts = Record<'kind' | 'placement' | 'name' | 'customer', string>

/** Nothing is taken for chosen. */
const blank: Texts = { kind: '', placement: '', name: '', customer: '' }

function useEntries(): Entry[] {
  const own = useNamed('items')
  return useMemo(
    () => [
      ...itemKinds.map((kind) => ({ id: kind.id, kind })),
      ...own.map((item) => ({ id: item.id, kind: customItem(item), own: item })),
    ],
    [own],
  )
}

function startPiece({ kind, own }: Entry, placement: string, { name, customer }: Texts) {
  return newPiece({
    id: nanoid(),
    name: name.trim() || writeName(kind.name),
    createdAt: new Date().toISOString(),
    item: {
      kind: own ? customKindId : kind.id,
      size: kind.usualSize,
      own: own ? { name: own.name, edges: own.edges, lines: own.lines, strips: own.strips } : null,
    },
    placement,
    family: kind.usualCloth as ClothFamily,
    customer: customer.trim(),
  })
}

/** Characters of a name. */
const MOST = 120
const FOR_WHOM = t('a-name-or-leave-it')

/** A new piece from an item kind, from an item of your own, or from a past piece. */
export function NewPiecePage() {
  const router = useRouter()
  const entries = useEntries()
  const form = useDraftForm('piece', blank)
  const { control, setValue } = form
  const texts = useWatch({ control }) as Texts
  const chosen = entries.find((k) => k.id === texts.kind)
  const placements = chosen?.kind.placements ?? []
  const placement = (placements.length === 1 ? placements[0] : placements.find((p) => p.id === texts.placement))?.id
  const pick = useCallback((id: string) => setValue('kind', id), [setValue])
  const long = [texts.name, texts.customer].some((text) => text.length > MOST)
  const putOnBench = (): void => {
    if (!chosen || !placement) return
    const piece = startPiece(chosen, placement, texts)
    create('pieces', piece)
    form.forget()
    router.replace(`/piece/${piece.id}`)
  }
  const next = !chosen ? t('choose-what-it-is') : !placement ? t('choose-where-it-goes') : t('start-measuring')
  return (
    <Page
      title={t('new-piece')}
      back
      foot={
        <Button
          title={chosen && placement ? `${next}: ${writeName(chosen.kind.name).toLowerCase()}` : next}
          disabled={long || !placement}
          onPress={putOnBench}
        />
      }
    >
      {chosen ? (
        <Chosen entry={chosen} onOther={() => pick('')} {...{ control, placement }} />
      ) : (
        <>
          <Section>
            <Disclosure title={t('same-again-from-a-past')}>
              <PastPieces />
            </Disclosure>
          </Section>
          <ItemSearch entries={entries} onPick={pick} />
        </>
      )}
      <Section title={t('name-and-customer')}>
        <FormField
          control={control}
          name="name"
          label={t('name')}
          placeholder={chosen ? writeName(chosen.kind.name) : t('named-after-the-item')}
          longest={MOST}
        />
        <FormField control={control} name="customer" label={t('customer')} placeholder={FOR_WHOM} longest={MOST} />
      </Section>
    </Page>
  )
}

type ChosenProps = { entry: Entry; onOther: () => void; control: Control<Texts>; placement: string | undefined }

/** The item that was chosen, and right under it where the design may go on it. */
function Chosen({ entry: { id, kind, own }, onOther, control, placement }: ChosenProps) {
  const router = useRouter()
  return (
    <>
      <Section title={t('what-is-it')}>
        <View style={{ flexDirection: 'row', gap: 16, alignItems: 'center' }}>
          <RadioGroup label={t('what-is-it')}>
            <KindTile id={id} kind={kind} on first onPress={onOther} />
          </RadioGroup>
          <View style={{ flex: 1, gap: 8 }}>
            <Button type="outline" title={t('another-item')} onPress={onOther} />
            {own ? (
              <Button
                type="outline"
                title={t('change', { name: writeName(kind.name).toLowerCase() })}
                onPress={() => router.push(`/items/${id}`)}
              />
            ) : null}
          </View>
        </View>
      </Section>
      <Section title={t('where-does-it-go')}>
        <FormChoices
          control={control}
          name="placement"
          label={t('placement')}
          choices={choicesOf(kind.placements)}
          chosen={placement ?? ''}
        />
      </Section>
    </>
  )
}

type Search = { entries: Entry[]; onPick: (id: string) => void }

/** By its name, or by what people call it: Enter takes the best. */
function ItemSearch({ entries, onPick }: Search) {
  const router = useRouter()
  const [find, setFind] = useState('')
  const found = useMemo(() => {
    const kinds = findKinds(
      find,
      entries.map(({ kind, id }) => ({ ...kind, id })),
      writeName,
    )
    return kinds.flatMap(({ id }) => entries.find((entry) => entry.id === id) ?? [])
  }, [entries, find])
  return (
    <Section title={t('what-is-it')}>
      <Field
        label={t('find-an-item')}
        value={find}
        onChange={setFind}
        placeholder={t('towel-hoodie-onesie')}
        kind="search"
        onEnter={() => found[0] && onPick(found[0].id)}
      />
      {found.length === 0 ? (
        <Text>{t('nothing-is-called-make-your', { find: find.trim() })}</Text>
      ) : (
        <RadioGroup label={t('what-is-it')} style={{ gap: 14 }}>
          {find.trim() ? <Tiles entries={found} onPick={onPick} /> : <KindGroups entries={found} onPick={onPick} />}
        </RadioGroup>
      )}
      <Button type="outline" title={t('make-your-own-item')} onPress={() => router.push('/items/new')} />
    </Section>
  )
}

function KindGroups({ entries, onPick }: Search) {
  return itemGroups.map((group) => {
    const here = entries.filter(({ kind }) => kind.group === group)
    if (here.length === 0) return null
    return (
      <View key={group} style={{ gap: 8 }}>
        <Heading level={3}>{itemGroupNames[group]}</Heading>
        <Tiles entries={here} onPick={onPick} />
      </View>
    )
  })
}

const Tiles = ({ entries, onPick }: Search) => (
  <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
    {entries.map(({ id, kind }) => (
      <KindTile key={id} id={id} kind={kind} on={false} first onPress={onPick} />
    ))}
  </View>
)
