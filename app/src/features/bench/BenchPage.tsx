import { Button } from '@rneui/themed'
import { byUrgency, inWork } from '@thimble/plan'
import { format } from 'date-fns/format'
import { useRouter } from 'expo-router'
import { useDeferredValue, useMemo } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { Grid } from '@/ui/Grid'
import { Growing } from '@/ui/Growing'
import { Page, useShopName } from '@/ui/Page'
import { SetApart } from '@/ui/SetApart'
import { Text, Heading } from '@/ui/Text'
import { useDocs } from '@/state/useShelfDocs'
import { PieceCard } from './PieceCard'

/** More than these are not seen at a glance, so they are counted. */
const MANY = 12

/** Pieces in work, the most urgent first. */
export function BenchPage() {
  const router = useRouter()
  const loaded = useDocuments((s) => s.loaded)
  // The bench stays mounted under an open ticket; it may lag behind what is typed there.
  const pieces = useDeferredValue(useDocs('pieces'))
  const onBench = useMemo(() => pieces.filter(inWork).sort(byUrgency), [pieces])
  return (
    <Page
      title={useShopName()}
      aside={[onBench.length > MANY ? `${onBench.length} in work` : '', format(new Date(), 'EEE d MMM')]
        .filter(Boolean)
        .join(', ')}
      wideContent
      foot={<Button title="New piece" onPress={() => router.push('/new')} />}
    >
      <Growing items={onBench}>
        {(shown) => (
          <Grid>
            {shown.map((piece) => (
              <SetApart key={piece.id} name={piece.name}>
                <PieceCard piece={piece} />
              </SetApart>
            ))}
          </Grid>
        )}
      </Growing>
      {onBench.length === 0 && loaded ? <EmptyBench /> : null}
    </Page>
  )
}

function EmptyBench() {
  return (
    <View style={{ padding: 24, gap: 10 }}>
      <Heading level={2}>Nothing in work</Heading>
      <Text>Start with New piece: choose what it is, type what the tape says, and the marks follow.</Text>
      <Text soft>Put your hoops and backings in the Stash first, and the choice is made from what you have.</Text>
    </View>
  )
}
