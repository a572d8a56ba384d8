import { device as t } from '@thimble/language/en/device'
import { Button } from '@rneui/themed'
import { type CollectionName, collectionNames } from '@thimble/contract'
import type { SetAside } from '@thimble/contract/answers'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { saveFile } from '@/shared/saveFile'
import { ask } from '@/http/client'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Heading, Text } from '@/ui/Text'
import { oneOf } from '@/words/collectionWords'

/** What the shop holds and cannot read any more: named, with why, to be copied out. */
export function SetAsideSection() {
  const [aside, setAside] = useState<readonly SetAside[]>([])
  useEffect(() => {
    ask<SetAside[]>('/set-aside').then(setAside, () => undefined)
  }, [])
  if (aside.length === 0) return null
  return (
    <Section title={t('set-aside')} says={t('the-shop-cant-read-these')}>
      {aside.map((one) => (
        <Unread key={`${one.collection}/${one.id}`} one={one} />
      ))}
    </Section>
  )
}

function Unread({ one }: { one: SetAside }) {
  const p = usePalette()
  const known = collectionNames.includes(one.collection as CollectionName)
  const noun = known ? oneOf(one.collection as CollectionName) : t('the-settings')
  const name = /"name":"([^"\\]+)"/.exec(one.doc)?.[1] ?? noun
  return (
    <View
      role="group"
      aria-label={t('set-aside-2', { name })}
      style={{ backgroundColor: p.paper, borderLeftWidth: 6, borderLeftColor: p.weld, padding: 14, gap: 8 }}
    >
      <Heading level={3}>{name}</Heading>
      <Text>{one.reason}</Text>
      <View style={{ flexDirection: 'row' }}>
        <Button
          type="outline"
          title={t('copy')}
          onPress={() => saveFile(t('set-aside-3', { name }), 'json', one.doc)}
        />
      </View>
    </View>
  )
}
