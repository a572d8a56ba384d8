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
import { loadNames, many, metres } from '@/words/designWords'

/** What was measured: large where the bench asks for it, in lines where it is only looked up. */
export function FiguresSection({ design, opened }: { design: DesignCard; opened: OpenedDesign | null }) {
  const style = useDocuments((s) => s.shop)
  const { summary, stitches } = design
  if (!summary) return null
  const size = `${formatLength(design.width, style)} × ${formatLength(design.height, style)}`
  const about = summary.estimated ? 'about ' : ''
  const { longest, shortest } = summary
  const lines = [
    `${many(summary.colourChanges, 'colour change')}, ${many(summary.jumps, 'jump')}, ${many(summary.trims, 'trim')}`,
    ...(longest !== null && shortest !== null
      ? [
          `Longest stitch ${formatFine(longest, style)}, shortest ${formatFine(shortest, style)}`,
          `${many(summary.short, 'stitch', 'stitches')} under ${formatFine(0.5, style)}, ${many(summary.long, 'stitch', 'stitches')} over ${formatLength(12, style)}`,
        ]
      : []),
    `The densest 5 % has over ${Math.round(summary.load95)} stitches`,
  ]
  return (
    <Section>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 24, rowGap: 10 }}>
        <Figure big={size} says={design.source === 'artwork' ? 'as painted' : 'as stitched'} />
        <Figure big={`${about}${stitches.toLocaleString('en')}`} says="stitches" />
        <Figure big={`${Math.round(summary.meanLoad)} a cm²`} says={`density: ${loadNames[summary.loadClass]}`} />
        {opened ? (
          <Figure
            big={`${metres(opened.thread.topMetres)} top, ${metres(opened.thread.bobbinMetres)} bobbin`}
            says={
              summary.estimated
                ? 'thread, from an estimated count'
                : `thread, through ${formatFine(1, style)} of cloth and backing`
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
