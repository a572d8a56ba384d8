import { bench as t } from '@thimble/language/en/bench'
import { Button } from '@rneui/themed'
import { alikeOnBench, byUrgency, inWork } from '@thimble/plan'
import { weekdayDayText } from '@/words/dates'
import { useRouter } from 'expo-router'
import { useDeferredValue, useMemo } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { Grid } from '@/ui/Grid'
import { LinkLine } from '@/ui/LinkLine'
import { Growing } from '@/ui/Growing'
import { Page, useShopName } from '@/ui/Page'
import { Text, Heading } from '@/ui/Text'
import { useDocs } from '@/state/useShelfDocs'
import { AlikeCard } from './AlikeCard'

/** More than these are not seen at a glance, so they are counted. */
const MANY = 12

/** Pieces in work, the most urgent first. */
export function BenchPage() {
  const router = useRouter()
  const loaded = useDocuments((s) => s.loaded)
  // The bench stays mounted under an open ticket; it may lag behind what is typed there.
  const pieces = useDeferredValue(useDocs('pieces'))
  const onBench = useMemo(() => pieces.filter(inWork).sort(byUrgency), [pieces])
  const groups = useMemo(() => alikeOnBench(onBench), [onBench])
  return (
    <Page
      title={useShopName()}
      aside={[onBench.length > MANY ? t('in-work', { onBench: onBench.length }) : '', weekdayDayText(new Date())]
        .filter(Boolean)
        .join(', ')}
      wideContent
      foot={<Button title={t('new-piece')} onPress={() => router.push('/new')} />}
    >
      <Growing items={groups}>
        {(shown) => (
          <Grid>
            {shown.map((pieces) => (
              <AlikeCard key={pieces[0]!.id} pieces={pieces} />
            ))}
          </Grid>
        )}
      </Growing>
      {onBench.length === 0 && loaded ? <EmptyBench /> : null}
    </Page>
  )
}

/** An empty shop: what this is, and the three steps to begin with. */
function EmptyBench() {
  const hoops = useDocuments((s) => Object.keys(s.docs.hoops).length)
  const designs = useDocuments((s) => Object.keys(s.docs.designs).length)
  return (
    <View style={{ paddingTop: 20 }}>
      <View style={{ paddingHorizontal: 16, paddingBottom: 16, gap: 8 }}>
        <Heading level={2}>{t('nothing-in-work')}</Heading>
        <Text>{t('enter-your-measurements-and-see')}</Text>
      </View>
      <LinkLine href="/new" title={t('1-start-a-piece')} answer={t('see-where-to-mark')} />
      <LinkLine
        href="/stash/start"
        title={t('2-your-shelf')}
        answer={hoops === 0 ? t('machine-hoops-threads') : t('set-up')}
      />
      <LinkLine
        href="/designs/add"
        title={t('3-add-a-design')}
        answer={designs === 0 ? t('file-wording-or-size') : t('added')}
      />
      <LinkLine href="/help" title={t('help')} answer={t('stages-words-keys')} />
    </View>
  )
}
