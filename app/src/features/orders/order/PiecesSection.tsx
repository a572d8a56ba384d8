import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Order } from '@thimble/contract'
import { linesOf, quantityOf } from '@thimble/plan/orders'
import { useState } from 'react'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { BigNumbers, Text } from '@/ui/Text'
import { makePieces } from './makePieces'
import { lineLacks } from './orderWords'
import { useOrderStatus } from './useOrderStatus'

/** How the pieces of an order stand against what it says, and the button that brings them up to it. */
export function PiecesSection({ order }: { order: Order }) {
  const standing = useOrderStatus(order)
  const { changes, on, inLog, toSet, tooLong, problem } = standing
  const [made, wanted] = changes ? [changes.make.length + changes.unset, changes.leave.length + toSet] : [0, 0]
  return (
    <Section title={t('pieces')}>
      <BigNumbers>{standingText({ made, wanted, inLog, on })}</BigNumbers>
      {changes && changes.begun.length > 0 ? (
        <Text soft>{t('removed-from-the-order-but', { many: many(changes.begun.length, 'piece') })}</Text>
      ) : null}
      {changes && changes.decided.length > 0 ? (
        <Text soft>{t('measured-or-planned-before-the', { many: many(changes.decided.length, 'piece') })}</Text>
      ) : null}
      {tooLong > 0 ? (
        <AdviceBar
          advice={{
            code: 'too-long',
            text: t('names-that-dont-fit-fix', { tooLong }),
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
        title={made > 0 ? t('make', { many: many(made, 'piece') }) : t('update-the-pieces')}
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
  if (on + inLog === 0) return made > 0 ? t('to-make', { many: many(made, 'piece') }) : t('no-pieces-yet')
  const there = inLog > 0 ? t('on-the-bench-in-the', { on, inLog }) : t('on-the-bench', { on })
  if (made > 0) return t('more-to-make', { there, made })
  return wanted > 0 ? t('the-order-has-changed-since', { there }) : `${there}.`
}
