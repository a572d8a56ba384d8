import { designs as t } from '@thimble/language/en/designs'
import { readTyped } from '@thimble/plan'
import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import type { CuttingFile } from '@thimble/core/design'
import { formatLength, type LengthUnit } from '@thimble/core/lengths'
import { boxOf, type Point } from '@thimble/core/plane'
import { useState } from 'react'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'
import { fitAll, toPath } from '@/drawing/scale'
import { usePalette } from '@/theme/PaletteProvider'
import { inDesignWorker } from '@/workers/designClient'
import { saveFile } from '@/shared/saveFile'
import { editsOf } from '@/shared/useOpened'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { threadFor } from '@/words/threadWords'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { useDraftForm } from '@/forms/useDraftForm'
import { useWatch } from 'react-hook-form'

/** What to cut for an applique: the outline of one colour with its overlap, several times over, as a file for a cutter. */
export function CuttingSection({ design }: { design: DesignCard }) {
  return (
    <Section>
      <Disclosure title={t('cutting-file-for-patches')}>
        <Cutting design={design} />
      </Disclosure>
    </Section>
  )
}

const DRAWN = 180

/** One piece as cut: a broken line on cloth of the block's own colour. */
function CutDrawing({ outline, colour }: { outline: Point[][]; colour: string }) {
  const p = usePalette()
  const view = fitAll(boxOf(outline.flat()), DRAWN, DRAWN)
  const d = outline.map((line) => toPath(view, line)).join('')
  return (
    <View role="img" aria-label={t('one-piece-as-cut')}>
      <Svg width={DRAWN} height={DRAWN}>
        <Path
          d={d}
          fill={colour}
          fillRule="evenodd"
          fillOpacity={0.35}
          stroke={p.ink}
          strokeWidth={1.5}
          strokeDasharray="6 4"
        />
      </Svg>
    </View>
  )
}

type Texts = Record<'block' | 'overlap' | 'count' | 'cloth', string>

function readCutting(texts: Texts, blocks: number, unit: LengthUnit) {
  const [overlap, cloth] = [readTyped({ text: texts.overlap, unit }), readTyped({ text: texts.cloth, unit })]
  return {
    unread: overlap.problem ?? cloth.problem,
    request: {
      block: Math.min(Number(texts.block), blocks - 1),
      overlap: overlap.mm ?? Number.NaN,
      count: Number(texts.count || Number.NaN),
      clothWidth: cloth.mm ?? Number.NaN,
    },
  }
}

type Laid = { made: CuttingFile; from: string }

function Cutting({ design }: { design: DesignCard }) {
  const style = useDocuments((s) => s.shop)
  const threads = useNamed('threads')
  const { unit } = style
  const { control } = useDraftForm<Texts>(`cutting.${design.id}`, {
    ...{ block: '0', overlap: formatLength(2, style), count: '1', cloth: formatLength(300, style) },
  })
  const texts = useWatch({ control }) as Texts
  const [laid, setLaid] = useState<Laid | null>(null)
  const { busy, problem, run } = useTask()
  const from = JSON.stringify(texts)
  const layOut = (): Promise<boolean> =>
    run(async () => {
      const { unread, request } = readCutting(texts, design.colours.length, unit)
      if (unread) throw new Error(unread)
      setLaid({ made: await inDesignWorker((d) => d.cutting(design.id, editsOf(design), request)), from })
    })
  return (
    <View style={{ gap: 12 }}>
      <FormChoices
        control={control}
        name="block"
        label={t('outline-of-which-colour')}
        choices={design.colours.map((colour, i) => ({
          id: String(i),
          name: `${i + 1}  ${threadFor(colour, threads)}`,
          swatch: colour,
        }))}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormLength half control={control} name="overlap" label={t('overlap')} unit={unit} />
        <FormField half big control={control} name="count" label={t('how-many')} keyboard="numeric" />
      </View>
      <FormLength control={control} name="cloth" label={t('cloth-width')} unit={unit} />
      {problem ? <FieldProblem id="cutting">{problem}</FieldProblem> : null}
      <Button type="outline" title={t('work-it-out')} disabled={busy} onPress={() => void layOut()} />
      {laid?.from === from ? <Cut design={design} made={laid.made} texts={texts} /> : null}
    </View>
  )
}

type CutProps = { design: DesignCard; made: CuttingFile; texts: Texts }

function Cut({ design, made, texts }: CutProps) {
  const style = useDocuments((s) => s.shop)
  const write = (mm: number): string => formatLength(Math.ceil(mm), style)
  return (
    <>
      <CutDrawing outline={made.outline} colour={design.colours[Number(texts.block)] ?? design.colours[0]!} />
      <Text>
        {t('one-piece-is-cloth-needed', {
          width: write(made.piece.width),
          height: write(made.piece.height),
          width2: write(made.cloth.width),
          cloth: write(made.cloth.length),
        })}
      </Text>
      {made.warnings.map((advice) => (
        <AdviceBar key={advice.code} advice={advice} />
      ))}
      <Button title={t('save-cutting-file-svg')} onPress={() => saveFile(`${design.name}-cutting`, 'svg', made.svg)} />
    </>
  )
}
