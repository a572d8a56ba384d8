import { hoop as t } from '@thimble/language/en/hoop'
import type { Piece } from '@thimble/contract'
import type { Point } from '@thimble/core/plane'
import { checkStraight, type HoopPlan, type StraightCheck, triesOf, tryOf, writeLanded } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { useMemo, useRef, useState } from 'react'
import { useDocuments } from '@/state/store'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useWide } from '@/ui/useMedia'
import { goingBack } from '@/ui/scrollMemory'
import { Text } from '@/ui/Text'
import { DrawingBeside } from '../DrawingBeside'
import { PieceComing } from '../PieceComing'
import { type PieceTools, useHoopPlan, usePieceTools } from '../usePiece'
import { HowToLook } from './HowToLook'
import { noMarks } from './noMarks'
import { StraightAnswer } from './StraightAnswer'
import { StraightBoard } from './StraightBoard'
import { StraightButtons } from './StraightButtons'
import { TraceSection } from './TraceSection'
import { Tries } from './Tries'
import { WhichHooping } from './WhichHooping'
import { nanoid } from 'nanoid'

const TITLE = t('check-alignment')

/** After hooping: where the marks landed on the hoop's grid, what to dial for that, or how to hoop it again. */
export function StraightPage({ id }: { id: string }) {
  const piece = useDocuments((s) => s.docs.pieces[id])
  return piece ? <Straight piece={piece} /> : <PieceComing id={id} title={TITLE} />
}

type Landed = Piece['hoop']['landed']

/** What the hooping comes to as its dots lie this moment; a dot under the finger is not kept until it is let go. */
function useLook({ piece, marked, shelf, set }: PieceTools, plan: HoopPlan) {
  const [dragged, setDragged] = useState<Landed>({})
  const held = useRef<Landed>({})
  const check = useMemo(() => {
    const { shop, hoops } = shelf
    const live = { ...piece, hoop: { ...piece.hoop, landed: { ...piece.hoop.landed, ...dragged } } }
    return checkStraight({ piece: live, marked, plan, shop, hoops })
  }, [piece, marked, plan, shelf, dragged])
  const land = (mark: string, at: Point): void => {
    const { x, y } = check?.at.hoop.notchOffset ?? { x: 0, y: 0 }
    held.current = { [mark]: writeLanded({ x: at.x - x, y: at.y - y }, shelf.shop) }
    setDragged(held.current)
  }
  const rest = (): void => {
    set({ hoop: { landed: held.current } })
    setDragged({})
  }
  return { check, land, rest }
}

function Straight({ piece }: { piece: Piece }) {
  const tools = usePieceTools(piece)
  const { check, land, rest } = useLook(tools, useHoopPlan(tools))
  const done = useDone(tools, check)
  const wide = useWide()
  const again = triesOf(piece).filter((one) => one.then === 'again').length
  const hoopless = piece.hoop.kept[0]?.hoop === null && !piece.hoop.reopened
  if (!check || hoopless)
    return (
      <Page title={TITLE} back>
        <Section>
          <Text>{t('this-piece-has-no-hoop')}</Text>
        </Section>
      </Page>
    )
  const board = (
    <StraightBoard
      check={check}
      cloth={piece.build.cloth.colour}
      sketch={sketchOf(tools.marked.design)}
      height={wide ? 560 : 360}
      write={tools.plan.write}
      onLand={land}
      onRest={rest}
    />
  )
  return (
    <Page
      title={TITLE}
      back
      aside={t('try', { again: again + 1 })}
      tape={false}
      wideContent
      foot={<StraightButtons check={check} onDone={done} />}
    >
      <DrawingBeside drawing={board}>
        <StraightAnswer tools={tools} check={check} />
        <WhichHooping tools={tools} check={check} />
        <HowToLook tools={tools} check={check} />
        <TraceSection tools={tools} check={check} />
        <Tries tools={tools} />
      </DrawingBeside>
    </Page>
  )
}

function sketchOf({ sketch, colours }: PieceTools['marked']['design']) {
  return sketch ? { blocks: sketch, colours } : null
}

type Done = (then: 'kept' | 'again') => void

/** Keeps the try with the piece; kept, one goes back to where it is sewn, else it is hooped again with no marks told. */
function useDone({ piece, set }: PieceTools, check: StraightCheck | null): Done {
  const router = useRouter()
  return (then) => {
    const one = check && tryOf(check, piece, then, new Date().toISOString())
    if (!check || !one) return
    set({
      hoop: {
        tries: { [nanoid()]: one },
        ...(then === 'again' ? { landed: noMarks(piece), scale: 1 } : {}),
      },
    })
    if (then !== 'kept') return
    if (!router.canGoBack()) return router.replace(`/piece/${piece.id}`)
    goingBack()
    router.back()
  }
}
