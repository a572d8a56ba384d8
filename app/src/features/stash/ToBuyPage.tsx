import { Button } from '@rneui/themed'
import { benchNeeds, isToBuy, missing, type Need } from '@thimble/plan/benchNeeds'
import { useMemo } from 'react'
import { View } from 'react-native'
import { saveFile } from '@/desk/saveFile'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { needLine, needName, toBuyText } from '@/words/needWords'
import { toBuyCsv } from './toBuyCsv'

/** What the bench wants of the stash: what has to be bought first, then what there is enough of. */
export function ToBuyPage() {
  const pieces = useNamed('pieces')
  const threads = useNamed('threads')
  const shelf = usePlanShelf()
  const needs = useMemo(() => benchNeeds(pieces, { ...shelf, threads }), [pieces, shelf, threads])
  const toBuy = needs.filter(isToBuy)
  const enough = needs.filter((need) => !isToBuy(need))
  return (
    <Page title="To buy" back>
      <Section
        title={toBuy.length > 0 ? 'Short or low' : 'Nothing is short'}
        says="For all pieces on the bench, each as it is built or would be today."
      >
        <Needs needs={toBuy} />
        {toBuy.length > 0 ? (
          <View style={{ flexDirection: 'row', gap: 12, flexWrap: 'wrap' }} {...{ dataSet: { bar: '' } }}>
            <Button type="outline" title="Save as CSV" onPress={() => saveFile('to buy', 'csv', toBuyCsv(needs))} />
            <Button type="outline" title="Print" onPress={() => window.print()} />
          </View>
        ) : null}
      </Section>
      {enough.length > 0 ? (
        <Section title="Enough of">
          <Needs needs={enough} />
        </Section>
      ) : null}
    </Page>
  )
}

const Needs = ({ needs }: { needs: readonly Need[] }) => (
  <View role="list">
    {needs.map((need) => (
      <NeedLine key={need.id} need={need} />
    ))}
  </View>
)

function NeedLine({ need }: { need: Need }) {
  const p = usePalette()
  const short = missing(need) > 0
  return (
    <View
      role="listitem"
      style={{
        ...{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 56 },
        ...{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 6 },
      }}
    >
      <View style={{ flex: 1, minWidth: 0 }}>
        <Words bold>{needName(need)}</Words>
        <Words soft>{needLine(need)}</Words>
      </View>
      <Words bold tone={short ? 'madder' : undefined}>
        {toBuyText(need)}
      </Words>
    </View>
  )
}
