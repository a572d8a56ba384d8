import { orders as t } from '@thimble/language/en/orders'
import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import type { Change, WorkStep } from '@thimble/plan/schedule'
import { View } from 'react-native'
import Svg, { Line, Path } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Text } from '@/ui/Text'
import { changeText, minutesText } from '@/words/workWords'

/** `stale`: moved a moment ago, so that what is changed before it is being worked out. */
type Props = { step: WorkStep; first: boolean; stale: boolean }

/** A piece in the order of work: what is changed before it, the way to it, and its grip to move it by hand or keys. */
export function WorkLine({ step: { work, before }, first, stale }: Props) {
  const p = usePalette()
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: work.id })
  return (
    <div
      ref={setNodeRef}
      role="listitem"
      style={{
        transform: CSS.Translate.toString(transform),
        transition,
        position: 'relative',
        zIndex: isDragging ? 1 : 0,
        background: isDragging ? p.paper : undefined,
      }}
    >
      {before.seconds > 0 && !stale ? <ChangeLine change={before} first={first} /> : null}
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <Thread knot />
        <RowLink
          href={`/piece/${work.id}`}
          style={{
            ...{ flex: 1, minHeight: 52, paddingVertical: 8, flexDirection: 'row', alignItems: 'center', gap: 12 },
            ...{ borderBottomWidth: 1, borderBottomColor: p.seam },
          }}
        >
          <Text bold style={{ flex: 1 }}>
            {work.name}
          </Text>
          <Text>{minutesText(work.minutes)}</Text>
        </RowLink>
        <button
          {...attributes}
          {...listeners}
          aria-label={t('move', { name: work.name })}
          style={{
            ...{ width: 44, height: 52, border: 0, background: 'transparent', cursor: 'grab', touchAction: 'none' },
            ...{ display: 'flex', alignItems: 'center', justifyContent: 'center' },
          }}
        >
          <Grip />
        </button>
      </View>
    </div>
  )
}

/** Two bars to take hold of. */
function Grip() {
  const p = usePalette()
  return (
    <Svg aria-hidden width={24} height={24}>
      <Path d="M5 9.5H19M5 14.5H19" stroke={p.inkSoft} strokeWidth={2.4} />
    </Svg>
  )
}

function ChangeLine({ change, first }: { change: Change; first: boolean }) {
  const p = usePalette()
  return (
    <View style={{ flexDirection: 'row' }}>
      <Thread />
      <View
        style={{
          ...{ flex: 1, flexDirection: 'row', gap: 12, marginVertical: 8, paddingHorizontal: 12, paddingVertical: 8 },
          ...{ backgroundColor: p.tape, borderRadius: 4 },
        }}
      >
        <Text style={{ flex: 1, color: p.onTape }}>{changeText(change, first)}</Text>
        <Text bold style={{ color: p.onTape }}>
          {minutesText(change.seconds / 60)}
        </Text>
      </View>
    </View>
  )
}

/** The running stitch beside the list; a diamond at each piece. */
function Thread({ knot }: { knot?: boolean }) {
  const p = usePalette()
  return (
    <View aria-hidden style={{ width: 32, alignSelf: 'stretch' }}>
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
