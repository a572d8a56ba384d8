import { Button } from '@rneui/themed'
import { estimateLoad } from '@thimble/core/design/estimateLoad'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { useRouter } from 'expo-router'
import { Pressable, View } from 'react-native'
import { SizeDrawing } from '@/drawing/SizeDrawing'
import { useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Grid } from '@/ui/Grid'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Heading, Words } from '@/ui/Words'
import { useNamed } from '../useShelfDocs'
import { loadNames } from './designWords'

/** The shelf of designs, all drawn at one scale. */
export function DesignsPage() {
  const p = usePalette()
  const router = useRouter()
  const designs = useNamed('designs')
  const style = useShelf((s) => s.shop)
  const largest = Math.max(80, ...designs.map((d) => Math.max(d.width, d.height)))
  return (
    <Page
      title="Designs"
      wideContent
      aside={`${designs.length}`}
      foot={<Button title="Add a design" onPress={() => router.push('/designs/new')} />}
    >
      <Grid>
        {designs.map((d) => {
          const { mean, loadClass } = estimateLoad(d, d.stitches)
          return (
            <Pressable
              key={d.id}
              role="link"
              aria-label={d.name}
              onPress={() => router.push(`/designs/${d.id}`)}
              style={{
                flexDirection: 'row',
                gap: 14,
                alignItems: 'center',
                backgroundColor: p.paper,
                borderBottomWidth: 1,
                borderBottomColor: p.seam,
                padding: 12,
                paddingHorizontal: 16,
              }}
            >
              <SizeDrawing width={d.width} height={d.height} colours={d.colours} largest={largest} px={92} />
              <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
                <Heading level={3}>{d.name}</Heading>
                <Words bold>{`${formatLength(d.width, style)} × ${formatLength(d.height, style)}`}</Words>
                <Words
                  soft
                >{`${d.stitches.toLocaleString('en')} stitches, ${d.colours.length} ${d.colours.length === 1 ? 'colour' : 'colours'}`}</Words>
                <Words soft>{`About ${Math.round(mean)} a cm²: ${loadNames[loadClass]}, estimated from the box`}</Words>
              </View>
            </Pressable>
          )
        })}
      </Grid>
      {designs.length === 0 ? (
        <Section>
          <Words>No designs yet. Add one by its name, size and stitches.</Words>
        </Section>
      ) : null}
    </Page>
  )
}
