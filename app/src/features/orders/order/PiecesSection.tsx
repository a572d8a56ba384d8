import { Button } from '@rneui/themed'
import type { Order } from '@thimble/contract'
import { linesOf, quantityOf } from '@thimble/plan/orders'
import { useState } from 'react'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Text } from '@/ui/Text'
import { many } from '@/words/designWords'
import { makePieces } from './makePieces'
import { lineLacks } from './orderWords'
import { useOrderStatus } from './useOrderStatus'

/** How the pieces of an order stand against what it says, and the button that brings them up to it. */
export function PiecesSection({ order }: { order: Order }) {
  const standing = useOrderStatus(order)
  const { changes, on, inLog, toSet, tooLong, problem } = standing
  const [made, wanted] = changes ? [changes.make.length + changes.unset, changes.leave.length + toSet] : [0, 0]
  return (
    <Section title="Pieces">
      <BigNumbers>{standingText({ made, wanted, inLog, on })}</BigNumbers>
      {changes && changes.begun.length > 0 ? (
        <Text
          soft
        >{`Removed from the order but already begun, so still on the Bench: ${many(changes.begun.length, 'piece')}.`}</Text>
      ) : null}
      {changes && changes.decided.length > 0 ? (
        <Text
          soft
        >{`Measured or planned before the order changed, and left as is: ${many(changes.decided.length, 'piece')}.`}</Text>
      ) : null}
      {tooLong > 0 ? (
        <AdviceBar
          advice={{
            code: 'too-long',
            text: `Names that don’t fit: ${tooLong}. Fix them in their line first.`,
            severity: 'caution',
          }}
        />
      ) : null}
      {made + wanted > 0 ? <Make order={order} {...{ made, tooLong }} look={standing.look} /> : null}
      {problem ? <FieldProblem id="names">{problem}</FieldProblem> : null}
    </Section>
  )
}

type MakeProps = { order: Order; made: number; tooLong: number; look: () => void }

function Make({ order, made, tooLong, look }: MakeProps) {
  const { busy, problem, run } = useTask()
  const [says, setSays] = useState('')
  const ready = quantityOf(order) > 0 && linesOf(order).every(([, line]) => lineLacks(line) === null)
  const make = (): void =>
    void run(async () => {
      await makePieces(order, setSays)
      look()
    })
  if (!ready) return null
  return (
    <>
      <Button
        title={made > 0 ? `Make ${many(made, 'piece')}` : 'Update the pieces'}
        disabled={busy || tooLong > 0}
        onPress={make}
      />
      {busy ? (
        <Text soft role="status">
          {says}
        </Text>
      ) : null}
      {problem ? <FieldProblem id="pieces">{problem}</FieldProblem> : null}
    </>
  )
}

function standingText({
  made,
  wanted,
  inLog,
  on,
}: {
  made: number
  wanted: number
  inLog: number
  on: number
}): string {
  if (on + inLog === 0) return made > 0 ? `${many(made, 'piece')} to make.` : 'No pieces yet.'
  const there = inLog > 0 ? `${on} on the Bench, ${inLog} in the log` : `${on} on the Bench`
  if (made > 0) return `${there}; ${made} more to make.`
  return wanted > 0 ? `${there}; the order has changed since.` : `${there}.`
}
