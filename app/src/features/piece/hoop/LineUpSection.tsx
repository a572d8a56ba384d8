import type { MachineSide } from '@thimble/core/hooping'
import { writeName } from '@thimble/core/messages'
import { type LineUp, waysToLineUp } from '@thimble/plan'
import { useMemo } from 'react'
import { Disclosure } from '@/ui/Disclosure'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from '../usePiece'

const MARKS = 'marks'
const sides: Record<MachineSide, string> = {
  front: 'toward you',
  back: 'away from you',
  carriage: 'at the carriage',
  throat: 'at the throat',
}

/** A hem, fold or stripe laid along the ring's inside edge in place of the marks. */
export function LineUpSection({ tools }: { tools: PieceTools }) {
  const { piece, marked, plan, set } = tools
  const hooped = useHoopPlan(tools)
  const { lineUp } = piece.hoop
  // As it would lie by the marks: lines that were found then stay on offer.
  const ways = useMemo(() => waysToLineUp({ piece, marked, plan: hooped }), [piece, marked, hooped])
  if (ways.length === 0 && !lineUp) return null
  const chosen = ways.find((way) => way.line === lineUp)
  const choices = [
    { id: MARKS, name: 'By the marks' },
    ...ways.map((way) => ({ id: way.line, name: `By ${writeName(way.name)}` })),
  ]
  return (
    <Section>
      <Disclosure title="Line it up by the ring instead" open={lineUp !== null}>
        <Choices
          label="Lined up"
          choices={choices}
          value={chosen ? chosen.line : MARKS}
          onChange={(id) => set({ hoop: { lineUp: id === MARKS ? null : id } })}
        />
        {chosen ? <HowToLay way={chosen} write={plan.write} /> : null}
      </Disclosure>
    </Section>
  )
}

function HowToLay({ way, write }: { way: LineUp; write: (mm: number) => string }) {
  return (
    <>
      <Text>{`Lay ${writeName(way.name)} along the ring’s inside edge ${sides[way.side]}.`}</Text>
      <Text>{`From there it is ${write(way.fieldFrom)} to the field and ${write(way.designFrom)} to the design’s nearest edge; the design is moved to that side of the field.`}</Text>
      <Text soft>
        The unsewable margin is taken as {write(way.fieldFrom)}; measure your ring’s from its inside edge to the needle
        once.
      </Text>
    </>
  )
}
