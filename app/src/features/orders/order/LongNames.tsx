import { writeMessage } from '@thimble/language'
import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import type { NameSetting, Patch } from '@thimble/contract'
import type { LongNameWay } from '@thimble/core/lettering/longNames'
import { View } from 'react-native'
import Svg, { G, Line } from 'react-native-svg'
import { DesignSketch } from '@/drawing/DesignSketch'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { readSetting } from './nameSettings'
import type { NameOut } from './setNames'
import { useDrawnNames } from './useDrawnNames'

type Props = {
  setting: NameSetting
  set: (body: Patch<NameSetting>) => void
  fitted: readonly NameOut[]
}

const ways: { id: LongNameWay; name: string }[] = [
  { id: 'as-set', name: t('leave-as-is') },
  { id: 'smaller', name: t('smaller-letters-for-those') },
  { id: 'all-smaller', name: t('smaller-letters-for-all') },
  { id: 'closer', name: t('closer-letters-for-those') },
]
/** More of them are told, and not drawn. */
const MOST_DRAWN = 8

/** Names that come out too long, or that cannot be set, side by side; one choice mends them together. */
export function LongNames({ setting, set, fitted }: Props) {
  const asSet = fitted.filter(({ long }) => long)
  const wrong = fitted.filter(({ problem }) => problem)
  const still = fitted.filter(({ tooLong }) => tooLong).length
  if (asSet.length === 0 && wrong.length === 0) return null
  return (
    <View style={{ gap: 10 }}>
      {wrong.map(({ name, problem }) => (
        <Text key={name} tone="madder">{`“${name}”: ${writeMessage(problem!)}`}</Text>
      ))}
      {asSet.length > 0 ? (
        <>
          <Text bold>{t('too-long', { many: many(asSet.length, 'name') })}</Text>
          <Side names={asSet.slice(0, MOST_DRAWN)} setting={setting} />
          {asSet.length > MOST_DRAWN ? (
            <Text soft>
              {t('and-more', {
                asSet: asSet.length - MOST_DRAWN,
                asSet2: asSet
                  .slice(MOST_DRAWN)
                  .map(({ name }) => name)
                  .join(', '),
              })}
            </Text>
          ) : null}
          <Choices label={t('fix-all')} choices={ways} value={setting.long} onChange={(long) => set({ long })} />
          <Text soft={still === 0} tone={still > 0 ? 'madder' : undefined}>
            {still > 0 ? t('still-too-long', { many: many(still, 'name') }) : t('all-fit-now')}
          </Text>
        </>
      ) : null}
    </View>
  )
}

/** Pixels: of a line, of the letters in it at the most, and of the widest name. */
const [HIGH, LETTERS, WIDE] = [48, 26, 300]

/** To one scale, each against the width it may have. */
function Side({ names, setting }: { names: readonly NameOut[]; setting: NameSetting }) {
  const p = usePalette()
  const inUnits = useUnits()
  const drawn = useDrawnNames(names, setting)
  const most = readSetting(setting).request?.most ?? 0
  const widest = Math.max(most, ...names.map(({ width }) => width))
  const k = Math.min(WIDE / widest, LETTERS / Math.max(...names.map(({ letterHeight }) => letterHeight)))
  return (
    <View style={{ gap: 6 }}>
      {names.map((name) => {
        const design = drawn.get(name.design)
        return (
          <View key={name.design} style={{ gap: 2 }}>
            <Svg
              role="img"
              aria-label={t('mm-wide', { name: name.name, round: Math.round(name.width) })}
              width="100%"
              height={HIGH}
              viewBox={`0 0 ${widest * k + 4} ${HIGH}`}
              preserveAspectRatio="xMinYMid"
            >
              {design ? (
                <G transform={`translate(${(name.width * k) / 2 + 1} ${HIGH / 2}) scale(${k})`}>
                  <DesignSketch sketch={design.summary.sketch} colours={[p.ink]} k={k} />
                </G>
              ) : null}
              <Line
                x1={most * k + 1}
                x2={most * k + 1}
                y1={0}
                y2={HIGH}
                stroke={p.madder}
                strokeWidth={2}
                strokeDasharray="5 3"
              />
            </Svg>
            <Text soft tone={name.tooLong ? 'madder' : undefined}>
              {inUnits(
                t('mm-wide-letters-mm-high', {
                  name: name.name,
                  round: Math.round(name.width),
                  round2: Math.round(name.letterHeight * 10) / 10,
                }),
              )}
            </Text>
          </View>
        )
      })}
    </View>
  )
}
