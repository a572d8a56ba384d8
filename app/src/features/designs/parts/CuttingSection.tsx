import { Button } from '@rneui/themed'
import type { Design } from '@thimble/contract'
import type { CuttingFile } from '@thimble/core/design/cuttingFile'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { boxOf } from '@thimble/core/plane/box'
import type { Point } from '@thimble/core/plane/point'
import { useState } from 'react'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'
import { fitAll, toPath } from '@/drawing/scale'
import { usePalette } from '@/theme/PaletteProvider'
import { atDesk } from '@/drawings/desk'
import { saveFile } from '@/drawings/saveFile'
import { editsOf } from '@/drawings/useOpened'
import { readTyped } from '@/plan/readTyped'
import { useShelf } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { FieldProblem } from '@/ui/FieldProblem'
import { Opener } from '@/ui/Opener'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Words } from '@/ui/Words'
import { DraftLength } from '../../stash/DraftLength'
import { useDraft } from '../../stash/useDraft'

/** What to cut for an applique: the outline of one colour with its overlap, several times over, as a file for a cutter. */
export function CuttingSection({ design }: { design: Design }) {
  return (
    <Section>
      <Opener title="Cutting file for an applique">
        <Cutting design={design} />
      </Opener>
    </Section>
  )
}

const DRAWN = 180

/** One piece as it is cut: a broken line on cloth of the block's own colour. */
function CutDrawing({ outline, colour }: { outline: Point[][]; colour: string }) {
  const p = usePalette()
  const view = fitAll(boxOf(outline.flat()), DRAWN, DRAWN)
  const d = outline.map((line) => toPath(view, line)).join('')
  return (
    <View role="img" aria-label="One piece as it is cut">
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

function Cutting({ design }: { design: Design }) {
  const style = useShelf((s) => s.shop)
  const draft = useDraft(`cutting.${design.id}`, { block: '0', overlap: '2 mm', count: '1', cloth: '300 mm' })
  const { texts, type } = draft
  const [made, setMade] = useState<CuttingFile | null>(null)
  const { busy, problem, run } = useTask()
  const write = (mm: number): string => formatLength(Math.ceil(mm), style)
  const [overlap, cloth] = [texts.overlap, texts.cloth].map((text) => readTyped({ text, unit: style.unit }))
  const unread = overlap!.problem ?? cloth!.problem
  const make = (): Promise<boolean> =>
    run(async () => {
      if (unread) throw new Error(unread)
      const q = {
        block: Math.min(Number(texts.block), design.colours.length - 1),
        overlap: overlap!.mm ?? Number.NaN,
        count: Number(texts.count || Number.NaN),
        clothWidth: cloth!.mm ?? Number.NaN,
      }
      setMade(await atDesk((d) => d.cutting(design.id, editsOf(design), q)))
    })
  const set = (field: keyof typeof texts) => (text: string) => {
    setMade(null)
    type(field, text)
  }
  return (
    <View style={{ gap: 12 }}>
      <Choices
        label="Outline of which colour"
        choices={design.colours.map((colour, i) => ({ id: String(i), name: String(i + 1), swatch: colour }))}
        value={texts.block}
        onChange={set('block')}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <DraftLength
          half
          draft={{ ...draft, type: (field, text) => set(field)(text) }}
          field="overlap"
          label="Overlap"
          unit={style.unit}
        />
        <Field half big label="How many" keyboard="numeric" value={texts.count} onChange={set('count')} />
      </View>
      <DraftLength
        draft={{ ...draft, type: (field, text) => set(field)(text) }}
        field="cloth"
        label="Width of the cloth to cut from"
        unit={style.unit}
      />
      {problem ? <FieldProblem id="cutting">{problem}</FieldProblem> : null}
      <Button type="outline" title="Lay it out" disabled={busy} onPress={() => void make()} />
      {made ? (
        <>
          <CutDrawing outline={made.outline} colour={design.colours[Number(texts.block)] ?? design.colours[0]!} />
          <Words>{`One piece is ${write(made.piece.width)} × ${write(made.piece.height)}. ${texts.count === '1' ? 'It takes' : 'Together they take'} cloth of ${write(made.cloth.width)} × ${write(made.cloth.length)}.`}</Words>
          {made.warnings.map((advice) => (
            <AdviceBar key={advice.code} advice={advice} />
          ))}
          <Button
            title="Save the cutting file (SVG)"
            onPress={() => saveFile(`${design.name}-cutting`, 'svg', made.svg)}
          />
        </>
      ) : null}
    </View>
  )
}
