import { stitch as t } from '@thimble/language/en/stitch'
import { Button } from '@rneui/themed'
import { changeBobbinHere, runNow } from '@thimble/plan/stitching'
import { View } from 'react-native'
import Svg, { G, Line, Rect } from 'react-native-svg'
import { Tape } from '@/drawing/Tape'
import { useWidth } from '@/drawing/useWidth'
import { usePalette } from '@/theme/PaletteProvider'
import { AdviceBar } from '@/ui/AdviceBar'
import { Text } from '@/ui/Text'
import { metresText } from '@/words/threadNeeds'
import { countText } from '@thimble/language'
import { clockText } from '@/words/runWords'
import type { Course } from './useCourse'
import type { Stitching } from './useStitching'

/** Time to go, stitches sewn, and whether the bobbin lasts. */
export function StitchingNumbers({ run, stitch, course }: { run: Stitching; stitch: number; course: Course }) {
  const { program, bobbinAt, sewing } = run
  const { secondsLeft, seconds } = runNow(program, stitch, sewing.pace)
  return (
    <View style={{ padding: 16, gap: 12 }}>
      <View style={{ flexDirection: 'row', gap: 28 }}>
        <Large number={clockText(secondsLeft)} says={t('to-go-of', { clock: clockText(seconds) })} />
        <Large
          number={countText(stitch)}
          says={t('of-stitches', { which: sewing.estimated ? t('about') : '', count: countText(program.stitches) })}
        />
      </View>
      <BobbinTape bobbin={bobbinAt(stitch)} />
      {run.run.state === 'standing' && changeBobbinHere(program, bobbinAt(stitch), stitch) ? (
        <ChangeHere onChanged={course.freshBobbin} />
      ) : null}
    </View>
  )
}

/** Here it is changed with one hand; in the middle of a thread it would run out. */
function ChangeHere({ onChanged }: { onChanged: () => void }) {
  return (
    <View style={{ gap: 8 }}>
      <AdviceBar
        advice={{
          code: 'bobbin-here',
          text: t('change-the-bobbin-now-it'),
          severity: 'caution',
        }}
      />
      <Button type="outline" title={t('bobbin-changed')} onPress={onChanged} />
    </View>
  )
}

function Large({ number, says }: { number: string; says: string }) {
  return (
    <View>
      <Text bold style={{ fontSize: 34, lineHeight: 40 }}>
        {number}
      </Text>
      <Text soft>{says}</Text>
    </View>
  )
}

const HEIGHT = 20

/** The bobbin as a tape: what is left of what was wound, and how much of it is needed to the end. */
function BobbinTape({ bobbin }: { bobbin: ReturnType<Stitching['bobbinAt']> }) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  if (!bobbin) return <Text soft>{t('add-your-bobbins-to-the')}</Text>
  const { left, need, wound } = bobbin
  const k = width / Math.max(wound, need, 0.001)
  const lasts = left >= need
  return (
    <View onLayout={onLayout} style={{ gap: 4 }}>
      <Svg width={width} height={HEIGHT + 8} aria-hidden>
        <G y={4}>
          <Rect x={0} y={0} width={width} height={HEIGHT} fill={p.seam} stroke={p.ink} />
          {width > 0 && left > 0 ? <Tape length={left * k} k={k} from={0} unit="mm" depth={HEIGHT} across /> : null}
        </G>
        <Line x1={need * k} x2={need * k} y1={0} y2={HEIGHT + 8} stroke={p.madder} strokeWidth={3} />
      </Svg>
      <Text tone={lasts ? undefined : 'madder'} bold={!lasts}>
        {t('bobbin-left-needed-to-the', {
          metres: metresText(left),
          metres2: metresText(need),
          which: lasts ? '' : t('it-will-not-last'),
        })}
      </Text>
    </View>
  )
}
