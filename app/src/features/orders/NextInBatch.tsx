import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Order, Piece } from '@thimble/contract'
import { stageAt } from '@thimble/plan'
import { rowOrder } from '@thimble/plan/orders'
import { type Change, workSequence, pieceWork } from '@thimble/plan/schedule'
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState } from 'react'
import { useHours } from '@/shared/useHours'
import { useDocuments } from '@/state/store'
import { useDocs, useNamed, usePlanShelf } from '@/state/useShelfDocs'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { changeText } from '@/words/workWords'

/** At the end of a piece of an order: which one comes next, and what is changed for it. */
export function NextInBatch({ piece }: { piece: Piece }) {
  const order = useDocuments((s) =>
    piece.order && !s.gone.orders[piece.order.id] ? s.docs.orders[piece.order.id] : undefined,
  )
  const pieces = useDocs('pieces')
  const next = useMemo(() => (order ? nextOf(piece, order, pieces) : null), [piece, order, pieces])
  return next ? <Next piece={piece} next={next} /> : null
}

function Next({ piece, next }: { piece: Piece; next: Piece }) {
  const router = useRouter()
  const change = useChange(piece, next)
  return (
    <Section title={t('next-in-this-order')}>
      <Text bold>{`${next.name}, ${next.run}`}</Text>
      {change ? (
        <Text>{change.seconds > 0 ? `${changeText(change, false)}.` : t('hoop-needle-and-threads-stay')}</Text>
      ) : null}
      <Button type="outline" title={t('open-the-next-piece')} onPress={() => router.push(`/piece/${next.id}`)} />
    </Section>
  )
}

/** The first after it that is not stitched yet: as the run was put in order, else as it was typed; then from its beginning. */
function nextOf(piece: Piece, order: Order, pieces: readonly Piece[]): Piece | null {
  const typed = rowOrder(order)
  const place = (one: Piece): number => {
    const at = order.sequence?.indexOf(one.id) ?? -1
    return at >= 0 ? at : (order.sequence?.length ?? 0) + typed(one)
  }
  const here = place(piece)
  const open = pieces
    .filter((one) => one.id !== piece.id && one.order?.id === order.id && stageAt(one) !== 'finish')
    .filter((one) => one.finish.kept.length === 0)
    .sort((a, b) => place(a) - place(b))
  return open.find((one) => place(one) > here) ?? open[0] ?? null
}

/** What is changed between two pieces; null while it is worked out, and where one of them is not planned. */
function useChange(piece: Piece, next: Piece): Change | null {
  const [change, setChange] = useState<{ of: string; change: Change } | null>(null)
  const shelf = usePlanShelf()
  const threads = useNamed('threads')
  const { hours } = useHours()
  useEffect(() => {
    // After what is on the screen: to plan two pieces takes a moment.
    const timer = setTimeout(() => {
      const works = [piece, next].flatMap((one) => pieceWork(one, { ...shelf, threads }) ?? [])
      if (works.length < 2) return
      const machine = shelf.machines.find(({ id }) => id === works[1]!.machine.id)
      const { steps } = workSequence(works, machine, hours, [piece.id, next.id])
      setChange({ of: next.id, change: steps[1]!.before })
    })
    return () => clearTimeout(timer)
  }, [piece, next, shelf, threads, hours])
  return change?.of === next.id ? change.change : null
}
