import { many } from '@thimble/language/en/counts'
import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { ListRow } from '@thimble/core/template'
import { isToBuy, missing, type Need } from '@thimble/plan/benchNeeds'
import { View } from 'react-native'
import { saveFile } from '@/shared/saveFile'
import { usePalette } from '@/theme/PaletteProvider'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { needLine, needName, toBuyText } from '@/words/needWords'
import { toBuyCsv } from './toBuyCsv'
import { useNeeds } from './useNeeds'

/** What the bench wants of the stash: what has to be bought first, then what there is enough of. */
export function ToBuyPage() {
  const { needs, counted, of } = useNeeds()
  return (
    <Page title={t('shopping-list')} back>
      {needs ? (
        <ToBuy needs={needs} />
      ) : (
        <Section title={t('what-the-bench-needs')}>
          <Text soft>{t('counting-of', { counted, many: many(of, 'piece') })}</Text>
        </Section>
      )}
    </Page>
  )
}

function ToBuy({ needs }: { needs: readonly Need[] }) {
  const { busy, problem, run } = useTask()
  const toBuy = needs.filter(isToBuy)
  const enough = needs.filter((need) => !isToBuy(need))
  const print = async () =>
    (await import('@/template/saveList')).saveList(t('shopping-list'), toBuy.map(listRow), new Date())
  return (
    <>
      <Section title={toBuy.length > 0 ? t('short-or-low') : t('nothing-is-short')} says={t('for-all-pieces-on-the')}>
        <Needs needs={toBuy} />
        {toBuy.length > 0 ? (
          <View style={{ flexDirection: 'row', gap: 12, flexWrap: 'wrap' }}>
            <Button
              type="outline"
              title={t('save-as-csv')}
              onPress={() =>
                void run(async () =>
                  saveFile(t('to-buy'), 'csv', toBuyCsv(needs, (await import('@/shared/table')).tables)),
                )
              }
            />
            <Button type="outline" title={t('save-to-print')} disabled={busy} onPress={() => void run(print)} />
          </View>
        ) : null}
        {problem ? <Text tone="madder">{problem}</Text> : null}
      </Section>
      {enough.length > 0 ? (
        <Section title={t('enough-of')}>
          <Needs needs={enough} />
        </Section>
      ) : null}
    </>
  )
}

const listRow = (need: Need): ListRow => ({ name: needName(need), says: needLine(need), number: toBuyText(need) })

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
        <Text bold>{needName(need)}</Text>
        <Text soft>{needLine(need)}</Text>
      </View>
      <Text bold tone={short ? 'madder' : undefined}>
        {toBuyText(need)}
      </Text>
    </View>
  )
}
