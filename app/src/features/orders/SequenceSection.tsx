import { orders as t } from '@thimble/language/en/orders'
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { arrayMove, SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { Button } from '@rneui/themed'
import type { WorkSequence } from '@thimble/plan/schedule'
import { useState } from 'react'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { byHandText, savingText, wholeText } from '@/words/workWords'
import { WorkLine } from './WorkLine'

type Props = {
  order: WorkSequence
  machines: number
  /** The pieces of this machine in the order a hand puts them in. */
  onMove: (ids: string[]) => void
  /** Use the suggested order; null where it is that already. */
  onWorkedOut: (() => void) | null
}

/** The pieces of one machine in the order that changes least, or as a hand put them, and each change where it falls. */
export function SequenceSection({ order, machines, onMove, onWorkedOut }: Props) {
  const ids = order.steps.map(({ work }) => work.id)
  // Where it was put at once, until it has been worked out again.
  const [moved, setMoved] = useState<{ of: WorkSequence; ids: string[] } | null>(null)
  const shown = moved?.of === order ? moved.ids : ids
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return
    const next = arrayMove([...shown], shown.indexOf(String(active.id)), shown.indexOf(String(over.id)))
    setMoved({ of: order, ids: next })
    onMove(next)
  }
  return (
    <Section
      title={machines > 1 ? t('in-this-order-at', { machine: order.machine }) : t('in-this-order')}
      says={order.bestSeconds === null ? savingText(order) : byHandText(order)}
    >
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={[...shown]} strategy={verticalListSortingStrategy}>
          <View role="list">
            {shown.map((id, i) => (
              <WorkLine
                key={id}
                step={order.steps.find(({ work }) => work.id === id)!}
                first={i === 0}
                stale={shown !== ids}
              />
            ))}
          </View>
        </SortableContext>
      </DndContext>
      <Text>{wholeText(order)}</Text>
      {onWorkedOut ? <Button type="outline" title={t('use-the-suggested-order')} onPress={onWorkedOut} /> : null}
    </Section>
  )
}
