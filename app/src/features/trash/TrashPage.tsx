import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import type { CollectionName } from '@thimble/contract'
import type { RemovedThing } from '@thimble/contract/answers'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { ask } from '@/http/client'
import { restore } from '@/sync/changes'
import { usePalette } from '@/theme/PaletteProvider'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { titleOf } from '@/words/collectionWords'
import { dayTimeText } from '@/words/dates'

/** Everything that was removed, to be brought back. */
export function TrashPage() {
  const [things, setThings] = useState<readonly RemovedThing[] | null>(null)
  const [away, setAway] = useState(false)
  useEffect(() => {
    ask<RemovedThing[]>('/removed').then(setThings, () => setAway(true))
  }, [])
  const bringBack = ({ collection, id }: RemovedThing): void => {
    restore(collection as CollectionName, id)
    setThings((all) => all?.filter((thing) => thing.id !== id) ?? null)
  }
  const says = away
    ? t('cant-reach-the-shop-computer-3')
    : things === null
      ? t('loading')
      : things.length === 0
        ? t('nothing-was-removed')
        : t('newest-first-nothing-is-deleted')
  return (
    <Page title={t('removed-things')} back>
      <Section>
        <Text soft role="status">
          {says}
        </Text>
        {things?.map((thing) => (
          <Thing key={thing.collection + thing.id} thing={thing} onBack={() => bringBack(thing)} />
        ))}
      </Section>
    </Page>
  )
}

function Thing({ thing, onBack }: { thing: RemovedThing; onBack: () => void }) {
  const p = usePalette()
  const { collection, name, removedAt } = thing
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        borderTopWidth: 1,
        borderTopColor: p.seam,
        paddingVertical: 8,
      }}
    >
      <View style={{ flex: 1, minWidth: 0 }}>
        <Text bold>{name}</Text>
        <Text soft>
          {t('removed', { titleOf: titleOf(collection as CollectionName), dayTime: dayTimeText(removedAt) })}
        </Text>
      </View>
      <Button
        type="outline"
        title={t('bring-back')}
        accessibilityLabel={t('bring-back-2', { name })}
        onPress={onBack}
      />
    </View>
  )
}
