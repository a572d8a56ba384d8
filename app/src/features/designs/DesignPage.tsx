import { many } from '@thimble/language/en/counts'
import { countText } from '@thimble/language'
import { designs as t } from '@thimble/language/en/designs'
import type { DesignCard } from '@thimble/contract'
import { useState } from 'react'
import { View } from 'react-native'
import { groundFor } from '@/drawing/clothInk'
import { DesignBoard } from '@/shared/DesignBoard'
import { LoadLegend } from '@/shared/LoadLegend'
import { Scrub } from '@/shared/Scrub'
import { useOpened } from '@/shared/useOpened'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { Split } from '@/ui/Split'
import { useWide } from '@/ui/useMedia'
import { Text } from '@/ui/Text'
import type { OpenedDesign } from '@/workers/designWorker'
import { AboutSection } from './parts/AboutSection'
import { ChangeSection } from './parts/ChangeSection'
import { ColoursSection } from './parts/ColoursSection'
import { CuttingSection } from './parts/CuttingSection'
import { FiguresSection } from './parts/FiguresSection'
import { HoopsSection } from './parts/HoopsSection'
import { ColourOrderSection } from './parts/ColourOrderSection'
import { PatchesSection } from './parts/PatchesSection'
import { StitchOrder } from './parts/StitchOrder'
import { WriteSection } from './parts/WriteSection'

/** One design: its drawing and load, what it is in numbers, its colours and their order, and what placing does to it. */
export function DesignPage({ design }: { design: DesignCard }) {
  const wide = useWide()
  const { opened, problem } = useOpened(design)
  const board = (
    <View style={{ paddingBottom: 8 }}>
      {opened ? <Board design={design} opened={opened} /> : <Waiting tall={wide ? 480 : 330} problem={problem} />}
      {opened && problem ? (
        <View style={{ paddingHorizontal: 16 }}>
          <FieldProblem id="drawing">{problem}</FieldProblem>
        </View>
      ) : null}
    </View>
  )
  const parts = (
    <View style={{ paddingBottom: 24 }}>
      <FiguresSection design={design} opened={opened} />
      <ColoursSection design={design} opened={opened} />
      <PatchesSection design={design} />
      <ColourOrderSection design={design} />
      <ChangeSection design={design} />
      <HoopsSection design={design} />
      <CuttingSection design={design} />
      <WriteSection design={design} />
      <AboutSection design={design} />
    </View>
  )
  return (
    <Page title={design.name} back wideContent tape={false}>
      <Split list={board} detail={parts} both />
    </Page>
  )
}

function Waiting({ tall, problem }: { tall: number; problem: string | null }) {
  const p = usePalette()
  return (
    <View style={{ height: tall, backgroundColor: p.table, justifyContent: 'center', padding: 24 }}>
      {problem ? <FieldProblem id="drawing">{problem}</FieldProblem> : <Text soft>{t('preparing-the-drawing')}</Text>}
    </View>
  )
}

const seen = [
  { id: 'stitches', name: t('stitches') },
  { id: 'load', name: t('density-2') },
] as const

function Board({ design, opened }: { design: DesignCard; opened: OpenedDesign }) {
  const wide = useWide()
  const unit = useDocuments((s) => s.shop.unit)
  const [what, setWhat] = useState<'stitches' | 'load'>('stitches')
  const [upTo, setUpTo] = useState<number | null>(null)
  const stitched = design.source === 'stitches'
  const total = opened.ink.reduce((sum, b) => sum + b.points.length / 2, 0)
  const at = upTo === null ? total : Math.min(upTo, total)
  const block = blockAt(opened, at)
  return (
    <>
      <DesignBoard
        opened={opened}
        height={wide ? 480 : 330}
        unit={unit}
        ground={groundFor(opened.design.colours)}
        upTo={stitched ? upTo : null}
        load={what === 'load'}
        label={t('to-scale', { name: design.name, which: what === 'load' ? t('with-its-density') : '' })}
      />
      <View style={{ paddingHorizontal: 16, paddingTop: 8 }}>
        <StitchOrder opened={opened} at={upTo === null ? null : block} />
      </View>
      {stitched && what === 'stitches' ? (
        <Scrub
          total={total}
          at={at}
          onChange={setUpTo}
          says={t('stitch-of-in-colour-of', {
            at: countText(at),
            total: countText(total),
            block: block + 1,
            ink: opened.ink.length,
          })}
        />
      ) : null}
      <View style={{ paddingHorizontal: 16, paddingTop: 8, gap: 10 }}>
        <Choices label={t('show')} choices={seen} value={what} onChange={setWhat} />
        {what === 'load' ? <LoadLegend /> : null}
        {stitched ? null : <Text soft>{t('artwork-are-an-estimate', { many: many(design.stitches, 'stitch') })}</Text>}
      </View>
    </>
  )
}

function blockAt({ ink }: OpenedDesign, stitch: number): number {
  let from = 0
  const found = ink.findIndex((b) => (from += b.points.length / 2) >= stitch)
  return Math.max(0, found)
}
