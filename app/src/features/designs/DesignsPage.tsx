import { designs as t } from '@thimble/language/en/designs'
import type { DesignCard } from '@thimble/contract'
import { loadOf } from '@thimble/plan'
import { Button } from '@rneui/themed'
import { formatLength } from '@thimble/core/lengths'
import { useRouter } from 'expo-router'
import { memo } from 'react'
import { View } from 'react-native'
import { ColourStrip } from '@/drawing/ColourStrip'
import { DesignThumb } from '@/drawing/DesignThumb'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Grid } from '@/ui/Grid'
import { Growing } from '@/ui/Growing'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { SetApart } from '@/ui/SetApart'
import { Heading, Text } from '@/ui/Text'
import { useShelvedDesigns } from '@/state/useShelfDocs'
import { countWords, loadNames } from '@/words/designWords'

const THUMB = 104

/** The shelf of designs. */
export function DesignsPage() {
  const router = useRouter()
  const designs = useShelvedDesigns()
  const loaded = useDocuments((s) => s.loaded)
  return (
    <Page
      title={t('designs')}
      wideContent
      aside={loaded ? `${designs.length}` : undefined}
      foot={<Button title={t('add-a-design')} onPress={() => router.push('/designs/add')} />}
    >
      <Growing items={designs}>
        {(shown) => (
          <Grid>
            {shown.map((design) => (
              <SetApart key={design.id} name={design.name}>
                <DesignLine design={design} />
              </SetApart>
            ))}
          </Grid>
        )}
      </Growing>
      {designs.length === 0 && loaded ? (
        <Section>
          <Text>{t('no-designs-yet-add-one')}</Text>
        </Section>
      ) : null}
    </Page>
  )
}

const DesignLine = memo(function DesignLine({ design: d }: { design: DesignCard }) {
  const p = usePalette()
  const style = useDocuments((s) => s.shop)
  const { mean, loadClass } = loadOf(d)
  const about = d.summary && !d.summary.estimated ? '' : t('about')
  return (
    <RowLink
      href={`/designs/${d.id}`}
      style={{
        flexDirection: 'row',
        gap: 14,
        backgroundColor: p.paper,
        borderBottomWidth: 1,
        borderBottomColor: p.seam,
        padding: 12,
        paddingHorizontal: 16,
      }}
    >
      <View style={{ width: THUMB, gap: 4 }}>
        <DesignThumb design={d} px={THUMB} />
        <ColourStrip
          blocks={d.colours.map((colour, i) => ({ colour, share: d.summary?.blocks[i]?.stitches ?? 1 }))}
          height={7}
        />
      </View>
      <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
        <Heading level={2}>{d.name}</Heading>
        <Text bold>{`${formatLength(d.width, style)} × ${formatLength(d.height, style)}`}</Text>
        <Text soft>{countWords(d)}</Text>
        <Text soft>{t('a-cm-2', { loadNames: loadNames[loadClass], about, round: Math.round(mean) })}</Text>
      </View>
    </RowLink>
  )
})
