import { log as t } from '@thimble/language/en/log'
import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import { useLocalSearchParams } from 'expo-router'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { Photo } from '@/shared/inRecords'
import { useSameAgain } from '@/shared/useSameAgain'
import { useDocuments } from '@/state/store'
import { openPiece } from '@/sync/changeFeed'
import { usePalette } from '@/theme/PaletteProvider'
import { Disclosure } from '@/ui/Disclosure'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { useStyle } from './useStyle'
import { Heading, Text } from '@/ui/Text'
import { comparedFacts, recordFacts } from './recordFacts'
import { dateText } from '@/words/dates'

/** Two pieces side by side: what differs first. */
export function BesidePage() {
  const { a, b } = useLocalSearchParams<{ a: string; b: string }>()
  const [first, second] = [useRecorded(a), useRecorded(b)]
  const style = useStyle()
  const missing = first === 'missing' || second === 'missing'
  if (missing || !first || !second)
    return (
      <Page title={t('side-by-side')} back passing={!missing}>
        <Section>
          <Text role="status">{missing ? t('one-of-them-isnt-in') : t('loading-the-records')}</Text>
        </Section>
      </Page>
    )
  const { differs, alike } = comparedFacts(recordFacts(first, style), recordFacts(second, style))
  return (
    <Page title={t('side-by-side')} back toRead>
      <View role="table" aria-label={t('what-differs')} style={{ paddingHorizontal: 16, paddingTop: 14 }}>
        <View role="row" style={{ flexDirection: 'row', gap: 14, paddingBottom: 10 }}>
          <Head piece={first} />
          <Head piece={second} />
        </View>
        {differs.map((pair) => (
          <PairRow key={pair.about} {...pair} />
        ))}
      </View>
      <Section>
        {differs.length === 0 ? <Text>{t('no-differences-noted')}</Text> : null}
        <Disclosure title={t('same-in-thing-same-in', { alike: alike.length })}>
          {alike.map(({ about, a: says }) => (
            <View key={about}>
              <Text soft>{about}</Text>
              <Text>{says}</Text>
            </View>
          ))}
        </Disclosure>
      </Section>
    </Page>
  )
}

/** A finished piece, fetched where it is not on this device. */
function useRecorded(id: string): Piece | 'missing' | null {
  const piece = useDocuments((s) => s.docs.pieces[id])
  const [missing, setMissing] = useState(false)
  useEffect(() => void openPiece(id).then((found) => setMissing(found === 'missing')), [id])
  return piece?.finish.kept[0] ? piece : missing ? 'missing' : null
}

function Head({ piece }: { piece: Piece }) {
  const again = useSameAgain('push')
  const { at, photos } = piece.finish.kept[0]!
  return (
    <View role="columnheader" style={{ flex: 1, minWidth: 0, gap: 4 }}>
      <RowLink href={`/log/${piece.id}`} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Heading level={2}>{piece.name}</Heading>
      </RowLink>
      <Text soft>{dateText(at)}</Text>
      <Button type="outline" title={t('same-again')} onPress={() => void again(piece.id)} />
      {photos[0] ? <Photo id={photos[0]} label={t('photo-of', { name: piece.name })} height={140} /> : null}
    </View>
  )
}

function PairRow({ about, a, b }: { about: string; a: string; b: string }) {
  const p = usePalette()
  return (
    <View role="row" style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}>
      <Text soft role="rowheader">
        {about}
      </Text>
      <View style={{ flexDirection: 'row', gap: 14 }}>
        {[a, b].map((says, i) => (
          <Text key={i} role="cell" bold={says !== ''} soft={says === ''} style={{ flex: 1, minWidth: 0 }}>
            {says || t('not-noted')}
          </Text>
        ))}
      </View>
    </View>
  )
}
