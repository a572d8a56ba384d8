import { many } from '@thimble/language/en/counts'
import { countText } from '@thimble/language'
import { designs as t } from '@thimble/language/en/designs'
import { adviceOf } from '@thimble/core/advice'
import type { DesignCard } from '@thimble/contract'
import { formatFine, formatLength } from '@thimble/core/lengths'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { OpenedDesign } from '@/workers/designWorker'
import { loadNames, metres } from '@/words/designWords'

const stitchesText = (n: number): string => many(n, 'stitch')

/** What was measured: large where the bench asks for it, in lines where it is only looked up. */
export function FiguresSection({ design, opened }: { design: DesignCard; opened: OpenedDesign | null }) {
  const style = useDocuments((s) => s.shop)
  const { summary, stitches } = design
  if (!summary) return null
  const size = `${formatLength(design.width, style)} × ${formatLength(design.height, style)}`
  const about = summary.estimated ? t('about') : ''
  const { longest, shortest } = summary
  const lines = [
    `${many(summary.colourChanges, 'colour-change')}, ${many(summary.jumps, 'jump')}, ${many(summary.trims, 'trim')}`,
    ...(longest !== null && shortest !== null
      ? [
          t('longest-stitch-shortest', { longest: formatFine(longest, style), shortest: formatFine(shortest, style) }),
          t('under-over', {
            ...{ fewShort: stitchesText(summary.short), least: formatFine(0.5, style) },
            ...{ fewLong: stitchesText(summary.long), most: formatLength(12, style) },
          }),
        ]
      : []),
    t('the-densest-5-has-over', { round: Math.round(summary.load95) }),
  ]
  return (
    <Section>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 24, rowGap: 10 }}>
        <Figure big={size} says={design.source === 'artwork' ? t('as-painted') : t('as-stitched')} />
        <Figure big={`${about}${countText(stitches)}`} says={t('stitches-2')} />
        <Figure
          big={t('a-cm', { round: Math.round(summary.meanLoad) })}
          says={t('density', { loadNames: loadNames[summary.loadClass] })}
        />
        {opened ? (
          <Figure
            big={t('top-bobbin', {
              metres: metres(opened.thread.topMetres),
              metres2: metres(opened.thread.bobbinMetres),
            })}
            says={
              summary.estimated
                ? t('thread-from-an-estimated-count')
                : t('thread-through-of-cloth-and', { formatFine: formatFine(1, style) })
            }
          />
        ) : null}
      </View>
      <View>
        {lines.map((line) => (
          <Text key={line} soft>
            {line}
          </Text>
        ))}
      </View>
      {summary.warnings.map(adviceOf).map((advice) => (
        <AdviceBar key={advice.code} advice={advice} />
      ))}
    </Section>
  )
}

function Figure({ big, says }: { big: string; says: string }) {
  const p = usePalette()
  return (
    <View style={{ borderTopWidth: 3, borderTopColor: p.tape, paddingTop: 4 }}>
      <Text bold style={{ fontSize: 24, lineHeight: 30 }}>
        {big}
      </Text>
      <Text soft>{says}</Text>
    </View>
  )
}
