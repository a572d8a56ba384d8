import type { Change, OrderOfWork, WorkStep } from '@thimble/plan/order'
import { View } from 'react-native'
import Svg, { Line, Path } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { changeText, minutesText, savingText, wholeText } from './runWords'

/** The pieces of one machine in the order that changes least, and each change where it falls. */
export function OrderSection({ order, machines }: { order: OrderOfWork; machines: number }) {
  return (
    <Section title={machines > 1 ? `In this order, at ${order.machine}` : 'In this order'} says={savingText(order)}>
      <View>
        {order.steps.map((step, i) => (
          <Step key={step.work.id} step={step} first={i === 0} />
        ))}
      </View>
      <Words>{wholeText(order)}</Words>
    </Section>
  )
}

function Step({ step: { work, before }, first }: { step: WorkStep; first: boolean }) {
  const p = usePalette()
  return (
    <>
      {before.seconds > 0 ? <ChangeLine change={before} first={first} /> : null}
      <View style={{ flexDirection: 'row' }}>
        <Thread knot />
        <RowLink
          href={`/piece/${work.id}`}
          style={{
            flex: 1,
            minHeight: 52,
            paddingVertical: 8,
            flexDirection: 'row',
            alignItems: 'center',
            gap: 12,
            borderBottomWidth: 1,
            borderBottomColor: p.seam,
          }}
        >
          <Words bold style={{ flex: 1 }}>
            {work.name}
          </Words>
          <Words>{minutesText(work.minutes)}</Words>
        </RowLink>
      </View>
    </>
  )
}

function ChangeLine({ change, first }: { change: Change; first: boolean }) {
  const p = usePalette()
  return (
    <View style={{ flexDirection: 'row' }}>
      <Thread />
      <View
        style={{
          flex: 1,
          flexDirection: 'row',
          gap: 12,
          marginVertical: 8,
          paddingHorizontal: 12,
          paddingVertical: 8,
          backgroundColor: p.tape,
          borderRadius: 4,
        }}
      >
        <Words style={{ flex: 1, color: p.onTape }}>{changeText(change, first)}</Words>
        <Words bold style={{ color: p.onTape }}>
          {minutesText(change.seconds / 60)}
        </Words>
      </View>
    </View>
  )
}

/** The running stitch beside the list; a diamond at each piece. */
function Thread({ knot }: { knot?: boolean }) {
  const p = usePalette()
  return (
    <View aria-hidden style={{ width: 32 }}>
      <Svg width={32} height="100%" style={{ position: 'absolute', top: 0, bottom: 0 }}>
        <Line x1={12} x2={12} y1={0} y2="100%" stroke={p.indigo} strokeWidth={2.4} strokeDasharray="9 4" />
      </Svg>
      {knot ? (
        <Svg width={24} height={24} style={{ position: 'absolute', top: 14 }}>
          <Path d="M12 4 20 12 12 20 4 12Z" fill={p.calico} stroke={p.indigo} strokeWidth={2.2} />
        </Svg>
      ) : null}
    </View>
  )
}
