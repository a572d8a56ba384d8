import { Button } from '@rneui/themed'
import type { Hoop, Machine } from '@thimble/contract'
import { useRouter } from 'expo-router'
import type { ReactNode } from 'react'
import { View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { useShelf } from '@/state/store'
import { formatFine, formatLength, type LengthStyle } from '@thimble/core/lengths'
import { usePalette } from '@/theme/PaletteProvider'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Split } from '@/ui/Split'
import { Heading, Words } from '@/ui/Words'
import { clothName } from '@/words/clothWords'
import { layerName } from '@/words/stackWords'
import { useNamed } from '@/state/useShelfDocs'
import { fieldSize } from '@/words/hoopWords'
import { fibreName } from '@/words/threadWords'

/** What there is: hoops with their fields, backings, toppings and threads with what is left. */
export function StashPage() {
  return (
    <Page wideContent title="Stash">
      <Split
        list={
          <>
            <ToBuyLink />
            <Machines />
            <Hoops />
          </>
        }
        detail={
          <>
            <Supplies />
            <Threads />
            <Swatches />
          </>
        }
        both
      />
    </Page>
  )
}

const ToBuyLink = () => (
  <RowLink
    href="/stash/to-buy"
    style={{ minHeight: 48, justifyContent: 'center', paddingHorizontal: 16, marginTop: 8 }}
  >
    <Words bold tone="indigo">
      To buy: what the bench wants and the stash lacks
    </Words>
  </RowLink>
)

function Machines() {
  const router = useRouter()
  const machines = useNamed('machines')
  const loaded = useShelf((s) => s.loaded)
  const style = useShelf((s) => s.shop)
  return (
    <Section title="Machines" says="What can be dialled at them, and the room in their throats.">
      <View>
        {machines.map((machine) => (
          <Row key={machine.id} href={`/stash/machine/${machine.id}`}>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{machine.name}</Heading>
              <Words>{machineLine(machine, style)}</Words>
              <Words soft>{stepsLine(machine, style)}</Words>
            </View>
            <Words soft>{machine.onBench ? 'on the bench' : 'put away'}</Words>
          </Row>
        ))}
      </View>
      {machines.length === 0 && loaded ? <Words soft>No machines yet.</Words> : null}
      <Button type="outline" title="Add a machine" onPress={() => router.push('/stash/machine/new')} />
    </Section>
  )
}

function machineLine({ bed, needles, field }: Machine, style: LengthStyle): string {
  const size = `${formatLength(field.width, style)} × ${formatLength(field.height, style)}`
  return `${bed === 'flat' ? 'Flat bed' : 'Free arm'}, ${needles} ${needles === 1 ? 'needle' : 'needles'}, sews ${size}`
}

function stepsLine({ turns, angleStep, moveStep }: Machine, style: LengthStyle): string {
  const turned = turns === 'quarter' ? 'turns by quarters' : `turns by ${angleStep}°`
  return `${turned}, moves by ${formatFine(moveStep, style)}`
}

function Hoops() {
  const router = useRouter()
  const hoops = useNamed('hoops')
  const loaded = useShelf((s) => s.loaded)
  const style = useShelf((s) => s.shop)
  const p = usePalette()
  const largest = Math.max(120, ...hoops.map((h) => Math.max(h.outside.width, h.outside.height)))
  return (
    <Section title="Hoops" says="Fields as measured: what the machine can really sew.">
      <View>
        {hoops.map((hoop) => (
          <Row key={hoop.id} href={`/stash/hoop/${hoop.id}`}>
            <HoopDrawing hoop={hoop} cloth={p.table} size={84} largest={largest} />
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{hoop.name}</Heading>
              <Words>{fieldSize(hoop.field, style)}</Words>
              <Words soft>{ringSize(hoop, style)}</Words>
            </View>
          </Row>
        ))}
      </View>
      {hoops.length === 0 && loaded ? <Words soft>No hoops yet.</Words> : null}
      <Button type="outline" title="Add a hoop" onPress={() => router.push('/stash/hoop/new')} />
    </Section>
  )
}

const closingNames = { screw: 'screw', lever: 'lever', frame: 'clip-on frame', magnets: 'magnets' } as const

function ringSize({ outside, clamp, closes }: Hoop, style: LengthStyle): string {
  const size = `${formatLength(outside.width, style)} × ${formatLength(outside.height, style)}`
  return `Ring ${size} outside, ${closingNames[clamp ? 'magnets' : closes]}`
}

function Supplies() {
  const router = useRouter()
  const supplies = useNamed('supplies')
  const loaded = useShelf((s) => s.loaded)
  const style = useShelf((s) => s.shop)
  return (
    <Section title="Backings and toppings">
      <View>
        {supplies.map((supply) => {
          const low = supply.leftMm <= supply.lowMm
          return (
            <Row key={supply.id} href={`/stash/supply/${supply.id}`}>
              <Swatch colour={supply.colour} />
              <View style={{ flex: 1, minWidth: 0 }}>
                <Heading level={3}>{supply.name}</Heading>
                <Words soft>{layerName(supply.kind)}</Words>
              </View>
              <View style={{ alignItems: 'flex-end' }}>
                <Words bold tone={low ? 'madder' : undefined}>{`${(supply.leftMm / 1000).toFixed(1)} m`}</Words>
                <Words soft>{low ? 'low' : `${formatLength(supply.widthMm, style)} wide`}</Words>
              </View>
            </Row>
          )
        })}
      </View>
      {supplies.length === 0 && loaded ? <Words soft>Nothing yet.</Words> : null}
      <Button type="outline" title="Add a backing or topping" onPress={() => router.push('/stash/supply/new')} />
    </Section>
  )
}

function Threads() {
  const router = useRouter()
  const threads = useNamed('threads')
  const loaded = useShelf((s) => s.loaded)
  return (
    <Section title="Threads">
      <View>
        {threads.map((thread) => (
          <Row key={thread.id} href={`/stash/thread/${thread.id}`}>
            <Swatch colour={thread.colour} />
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{thread.name}</Heading>
              <Words soft>{`${thread.weight} weight ${fibreName(thread.fibre)}`}</Words>
            </View>
            <Words bold>{thread.leftM === null ? '' : `${Math.round(thread.leftM)} m`}</Words>
          </Row>
        ))}
      </View>
      {threads.length === 0 && loaded ? <Words soft>No threads yet.</Words> : null}
      <Button type="outline" title="Add a thread" onPress={() => router.push('/stash/thread/new')} />
    </Section>
  )
}

function Swatches() {
  const router = useRouter()
  const swatches = useNamed('swatches')
  const loaded = useShelf((s) => s.loaded)
  return (
    <Section title="Swatches" says="Cloths of your own, with their numbers.">
      <View>
        {swatches.map((swatch) => (
          <Row key={swatch.id} href={`/stash/swatch/${swatch.id}`}>
            <Swatch colour={swatch.colour} />
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{swatch.name}</Heading>
              <Words
                soft
              >{`Like ${clothName(swatch.family).toLowerCase()}, stretching ${swatch.stretchPercent} %`}</Words>
            </View>
          </Row>
        ))}
      </View>
      {swatches.length === 0 && loaded ? <Words soft>No swatches yet.</Words> : null}
      <Button type="outline" title="Add a swatch" onPress={() => router.push('/stash/swatch/new')} />
    </Section>
  )
}

function Row({ href, children }: { href: string; children: ReactNode }) {
  const p = usePalette()
  return (
    <RowLink
      href={href}
      style={{
        flexDirection: 'row',
        gap: 14,
        alignItems: 'center',
        borderTopWidth: 1,
        borderTopColor: p.seam,
        minHeight: 60,
        paddingVertical: 8,
      }}
    >
      {children}
    </RowLink>
  )
}

function Swatch({ colour }: { colour: string }) {
  const p = usePalette()
  return (
    <View
      style={{ width: 40, height: 40, backgroundColor: colour, borderWidth: 1, borderColor: p.seam, borderRadius: 2 }}
    />
  )
}
