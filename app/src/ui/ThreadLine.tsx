import { program as t } from '@thimble/language/en/program'
import { type StageId, stageIds } from '@thimble/contract'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import Svg, { G, Line, Path } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'

export const stageNames: Record<StageId, string> = {
  measure: t('measure'),
  build: t('layers'),
  hoop: t('hoop'),
  stitch: t('stitch'),
  finish: t('finish'),
}

/** Room for a stage's name under its knot, in pixels. */
const LABEL = 66

type Props = {
  done: ReadonlySet<StageId>
  /** Those that rest on something that has changed since. */
  changed?: ReadonlySet<StageId>
  at: StageId
  onPick?: (stage: StageId) => void
}
type Drawn = Props & { width: number; x: (i: number) => number }

const INSET = 8

/** The piece's thread: running stitch with a knot for each stage done and a diamond for the one at hand. */
export function ThreadLine(props: Props) {
  const [width, setWidth] = useState(0)
  const x = (i: number): number => INSET + (i * (width - 2 * INSET)) / (stageIds.length - 1)
  const { onPick } = props
  return (
    <View
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      role={onPick ? 'navigation' : 'img'}
      aria-label={
        onPick
          ? t('stages')
          : t('at-of-done', { stageNames: stageNames[props.at], size: props.done.size, stageIds: stageIds.length })
      }
    >
      {width > 0 ? <Stitches {...props} width={width} x={x} /> : <View style={{ height: 18 }} />}
      <View style={{ height: props.changed?.size ? 40 : onPick ? 24 : 18 }}>
        {width > 0 &&
          stageIds.map((stage, i) => <StageName key={stage} {...props} stage={stage} i={i} width={width} x={x} />)}
      </View>
    </View>
  )
}

function Stitches({ done, at, width, x }: Drawn) {
  const p = usePalette()
  return (
    <Svg aria-hidden width={width} height={18}>
      {stageIds.slice(1).map((stage, i) => {
        const sewn = done.has(stageIds[i]!)
        return (
          <Line
            key={stage}
            x1={x(i) + 6}
            x2={x(i + 1) - 6}
            y1={9}
            y2={9}
            stroke={sewn ? p.indigo : p.seam}
            strokeWidth={sewn ? 2.4 : 1.8}
            strokeDasharray={sewn ? '9 4' : '4 5'}
          />
        )
      })}
      {stageIds.map((stage, i) => (
        <G key={stage}>
          {stage === at && !done.has(stage) ? (
            <Path d={`M${x(i)} 2l7 7-7 7-7-7Z`} fill={p.paper} stroke={p.indigo} strokeWidth={2.4} />
          ) : done.has(stage) ? (
            <Path d={`M${x(i)} 2l2 5 5 2-5 2-2 5-2-5-5-2 5-2Z`} fill={p.indigo} />
          ) : (
            <Line x1={x(i)} x2={x(i)} y1={5} y2={13} stroke={p.inkSoft} strokeWidth={1.4} />
          )}
        </G>
      ))}
    </Svg>
  )
}

function StageName({ done, changed, at, onPick, stage, i, width, x }: Drawn & { stage: StageId; i: number }) {
  const differs = changed?.has(stage) ?? false
  const says = `${stageNames[stage]}${done.has(stage) ? t('done') : ''}${differs ? t('changed') : ''}`
  const align = i === 0 ? 'left' : i === stageIds.length - 1 ? 'right' : 'center'
  const left = Math.max(0, Math.min(width - LABEL, x(i) - LABEL / 2))
  const name = (
    <Text
      bold={stage === at}
      tone={stage === at ? 'indigo' : undefined}
      style={{ fontSize: 13, lineHeight: 18, textAlign: align }}
    >
      {stageNames[stage]}
      {differs ? t('changed-2') : ''}
    </Text>
  )
  return (
    <View style={{ position: 'absolute', left, width: LABEL }}>
      {onPick ? (
        <Pressable
          role="button"
          aria-label={says}
          aria-current={stage === at ? 'step' : undefined}
          onPress={() => onPick(stage)}
          style={{ minHeight: 46, marginTop: -20, paddingTop: 20 }}
        >
          {name}
        </Pressable>
      ) : (
        name
      )}
    </View>
  )
}
