import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Account, Docs } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useLeft } from '@/shared/stock'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { ShelfFold } from './ShelfFold'
import { Heading, Text } from '@/ui/Text'
import { collectionWords } from '@/words/collectionWords'
import { leftText } from '@/words/stockWords'
import { typicalText } from '@/words/typical'
import { StashRow, SwatchPatch } from './StashRow'

type Shelved<Name extends Counted> = {
  collection: Name
  title: string
  add: string
  /** The colour it shows, where it has one. */
  swatch?: (thing: Docs[Name]) => string
  line: (thing: Docs[Name]) => string
  left: (thing: Docs[Name]) => { of: Account; left: number | null; low: number }
}
type Counted = 'supplies' | 'threads' | 'needles' | 'bobbins' | 'adhesives'

/** Things of one kind with what is left of each. */
export function Shelved<Name extends Counted>({ collection, title, add, swatch, line, left }: Shelved<Name>) {
  const router = useRouter()
  const { page } = collectionWords[collection]
  const things = useNamed(collection)
  const loaded = useDocuments((s) => s.loaded)
  return (
    <ShelfFold title={title} count={things.length}>
      <View>
        {things.map((thing) => (
          <StashRow key={thing.id} href={page(thing.id)}>
            {swatch ? <SwatchPatch colour={swatch(thing)} /> : null}
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{thing.name}</Heading>
              <Text soft>{[line(thing), typicalText(thing)].filter(Boolean).join(', ')}</Text>
            </View>
            <LeftOf thing={thing} {...left(thing)} />
          </StashRow>
        ))}
      </View>
      {things.length === 0 && loaded ? <Text soft>{t('nothing-yet')}</Text> : null}
      <Button type="outline" title={add} onPress={() => router.push(page('new') as never)} />
    </ShelfFold>
  )
}

type Left = {
  thing: { id: string; name: string; revision: number; sheetMm?: number | null }
  of: Account
  left: number | null
  low: number
}

function LeftOf({ thing, of, left: kept, low }: Left) {
  const left = useLeft(of, thing, kept)
  const { says, wrong } = leftText(of, left, thing)
  const isLow = left !== null && (left < low || left <= 0)
  return (
    <View style={{ alignItems: 'flex-end' }}>
      <Text bold tone={isLow ? 'madder' : undefined}>
        {left === null ? '' : says}
      </Text>
      {wrong || isLow ? <Text soft>{wrong ? t('count-it') : t('low')}</Text> : null}
    </View>
  )
}
