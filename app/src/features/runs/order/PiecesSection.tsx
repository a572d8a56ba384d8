import { Button } from '@rneui/themed'
import type { Order } from '@thimble/contract'
import { linesOf, quantityOf } from '@thimble/plan/orders'
import { useState } from 'react'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Words } from '@/ui/Words'
import { many } from '@/words/designWords'
import { makePieces } from './makePieces'
import { lineLacks } from './orderWords'
import { useStanding } from './useStanding'

/** How the pieces of an order stand against what it says, and the button that brings them up to it. */
export function PiecesSection({ order }: { order: Order }) {
  const { changes, on, inLog, toSet, tooLong, problem, look } = useStanding(order)
  const { busy, problem: failed, run } = useTask()
  const [says, setSays] = useState('')
  const ready = quantityOf(order) > 0 && linesOf(order).every(([, line]) => lineLacks(line) === null)
  const make = (): void =>
    void run(async () => {
      await makePieces(order, setSays)
      setSays('')
      look()
    })
  const [made, wanted] = changes ? [changes.make.length + changes.unset, changes.leave.length + toSet] : [0, 0]
  return (
    <Section title="Pieces">
      <BigNumbers>{standingText({ made, wanted, inLog, on })}</BigNumbers>
      {changes && changes.begun.length > 0 ? (
        <Words soft>{`${many(changes.begun.length, 'piece')} that ${changes.begun.length === 1 ? 'is' : 'are'} no more in the order ${changes.begun.length === 1 ? 'was' : 'were'} begun, and stay.`}</Words>
      ) : null}
      {tooLong > 0 ? (
        <AdviceBar
          advice={{
            code: 'too-long',
            text: `${many(tooLong, 'name')} ${tooLong === 1 ? 'comes' : 'come'} out too long: mend ${tooLong === 1 ? 'it' : 'them'} in the line first.`,
            severity: 'caution',
          }}
        />
      ) : null}
      {ready && made + wanted > 0 ? (
        <Button
          title={made > 0 ? `Make ${many(made, 'piece')}` : 'Bring the pieces up to date'}
          disabled={busy || tooLong > 0}
          onPress={make}
        />
      ) : null}
      {busy && says ? (
        <Words soft role="status">
          {says}
        </Words>
      ) : null}
      {(failed ?? problem) ? <FieldProblem id="pieces">{(failed ?? problem)!}</FieldProblem> : null}
    </Section>
  )
}

function standingText({ made, wanted, inLog, on }: { made: number; wanted: number; inLog: number; on: number }): string {
  if (on + inLog === 0) return made > 0 ? `${many(made, 'piece')} to make.` : 'No pieces yet.'
  const there = inLog > 0 ? `${on} on the bench, ${inLog} in the log` : `${on} on the bench`
  if (made > 0) return `${there}; ${made} more to make.`
  return wanted > 0 ? `${there}; the order has changed since.` : `${there}.`
}
