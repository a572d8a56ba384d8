import { Button } from '@rneui/themed'
import type { SavedItem } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { Pressable, View } from 'react-native'
import { create, patch, remove, useShelf } from '@/state/store'
import { Field } from '@/ui/Field'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { useDraft } from '../stash/useDraft'
import { EdgeFields } from './EdgeFields'
import { type ItemTexts, newTexts, readItem, textsOf } from './itemDraft'
import { LineFields } from './LineFields'
import { OutlineDrawing } from './OutlineDrawing'
import { StripFields } from './StripFields'

export type ItemPart = {
  texts: ItemTexts
  problems: Record<string, string>
  unit: 'mm' | 'cm' | 'in'
  put: (change: Partial<ItemTexts>) => void
}

/** An item of one's own: its outline by edge lengths, drawn as it is typed; lines to measure from; strips kept free. */
export function ItemFormPage({ id }: { id: string }) {
  const router = useRouter()
  const shop = useShelf((s) => s.shop)
  const kept = useShelf((s) => s.docs.items[id]) as SavedItem | undefined
  const draft = useDraft(`item.${id}`, { all: JSON.stringify(kept ? textsOf(kept, shop) : newTexts) })
  const texts = useMemo(() => JSON.parse(draft.texts.all) as ItemTexts, [draft.texts.all])
  const { item, problems } = useMemo(() => readItem(texts, shop.unit), [texts, shop.unit])
  const [asked, setAsked] = useState(false)
  const empty = new Set(['Measure it and type it here.', 'Give it a name.', 'Give the line a name.'])
  // What is still empty is not wrong until it is to be kept.
  const shown = asked ? problems : Object.fromEntries(Object.entries(problems).filter(([, text]) => !empty.has(text)))
  const put = (change: Partial<ItemTexts>): void => draft.type('all', JSON.stringify({ ...texts, ...change }))
  const part: ItemPart = { texts, problems: shown, unit: shop.unit, put }
  const keep = (): void => {
    setAsked(true)
    if (!item || problems.name) return
    const now = new Date().toISOString()
    if (kept) patch('items', kept.id, item)
    else create('items', { ...item, id: crypto.randomUUID(), createdAt: now, updatedAt: now })
    draft.forget()
    if (router.canGoBack()) router.back()
    else router.replace('/new')
  }
  return (
    <Page title={kept ? kept.name : 'An item of your own'} back foot={<Button title="Keep it" onPress={keep} />}>
      <OutlineDrawing item={item} unit={shop.unit} />
      <Section>
        <Field
          label="What is it called"
          value={texts.name}
          problem={shown.name}
          placeholder="Oven glove"
          onChange={(name) => put({ name: name.slice(0, 120) })}
        />
      </Section>
      <EdgeFields {...part} />
      <LineFields {...part} />
      <StripFields {...part} />
      {asked && Object.keys(problems).length > 0 ? (
        <Section>
          <Words tone="madder">Something above cannot be kept yet; it is said beside it.</Words>
        </Section>
      ) : null}
      {kept ? (
        <View style={{ padding: 16 }}>
          <Pressable
            role="button"
            style={{ minHeight: 44, justifyContent: 'center' }}
            onPress={() => {
              remove('items', kept.id, kept.name)
              router.replace('/new')
            }}
          >
            <Words tone="madder">Remove this item</Words>
          </Pressable>
        </View>
      ) : null}
    </Page>
  )
}
