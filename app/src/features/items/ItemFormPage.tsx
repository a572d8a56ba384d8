import { items as t } from '@thimble/language/en/items'
import { Button } from '@rneui/themed'
import type { SavedItem } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { Pressable, View } from 'react-native'
import { FormField } from '@/forms/FormField'
import { useDraftForm } from '@/forms/useDraftForm'
import { create, patch, remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { ItemPart } from './itemPart'
import { EdgeFields } from './EdgeFields'
import { EMPTY, type ItemTexts, newTexts, readItem, textsOf } from './itemDraft'
import { LineFields } from './LineFields'
import { OutlineDrawing } from './OutlineDrawing'
import { StripFields } from './StripFields'
import { nanoid } from 'nanoid'

/** Your own item: its outline by edge lengths, drawn as it is typed; lines to measure from; strips kept free. */
export function ItemFormPage({ id }: { id: string }) {
  const router = useRouter()
  const shop = useDocuments((s) => s.shop)
  const kept = useDocuments((s) => s.docs.items[id]) as SavedItem | undefined
  const form = useDraftForm<ItemTexts>(`item.${id}`, kept ? textsOf(kept, shop) : newTexts)
  const texts = useWatch({ control: form.control }) as ItemTexts
  const { item, problems } = useMemo(() => readItem(texts, shop.unit), [texts, shop.unit])
  const asked = form.formState.isSubmitted
  // What is still empty is not wrong until it is to be kept.
  const shown = asked ? problems : Object.fromEntries(Object.entries(problems).filter(([, text]) => !EMPTY.has(text)))
  const part: ItemPart = { form, problems: shown, unit: shop.unit }
  const keep = form.handleSubmit(() => {
    if (!item || problems.name) return
    const now = new Date().toISOString()
    if (kept) patch('items', kept.id, item)
    else create('items', { ...item, id: nanoid(), createdAt: now, updatedAt: now, revision: 0 })
    form.forget()
    if (router.canGoBack()) router.back()
    else router.replace('/new')
  })
  return (
    <Page
      title={kept ? kept.name : t('your-own-item')}
      back
      foot={<Button title={t('save')} onPress={() => void keep()} />}
    >
      <OutlineDrawing item={item} unit={shop.unit} />
      <Section>
        <FormField
          control={form.control}
          name="name"
          label={t('name-and-customer')}
          problem={shown.name}
          placeholder={t('oven-glove')}
          longest={120}
        />
      </Section>
      <EdgeFields {...part} />
      <LineFields {...part} />
      <StripFields {...part} />
      {asked && Object.keys(problems).length > 0 ? (
        <Section>
          <Text tone="madder">{t('fix-the-problem-above-to')}</Text>
        </Section>
      ) : null}
      {kept ? <RemoveItem item={kept} /> : null}
    </Page>
  )
}

function RemoveItem({ item }: { item: SavedItem }) {
  const router = useRouter()
  return (
    <View style={{ padding: 16 }}>
      <Pressable
        role="button"
        style={{ minHeight: 44, justifyContent: 'center' }}
        onPress={() => {
          remove('items', item.id, item.name)
          router.replace('/new')
        }}
      >
        <Text tone="madder">{t('remove-this-item')}</Text>
      </Pressable>
    </View>
  )
}
