import type { MachineSide } from '@thimble/core/hooping'
import { writeName } from '@thimble/language'
import { type LineUp, waysToLineUp } from '@thimble/plan'
import { useMemo } from 'react'
import { Fold } from '@/ui/Fold'
import { Choices } from '@/ui/Choices'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from '../usePiece'

const MARKS = 'marks'
const sides: Record<MachineSide, string> = {
  front: 'toward you',
  back: 'away from you',
  carriage: 'at the carriage',
  throat: 'at the machine arm',
}

/** A hem, fold or stripe laid along the ring's inside edge in place of the marks. */
export function LineUpFold({ tools }: { tools: PieceTools }) {
  const { piece, marked, plan, set } = tools
  const hooped = useHoopPlan(tools)
  const { lineUp } = piece.hoop
  // As it would lie by the marks: lines that were found then stay on offer.
  const ways = useMemo(() => waysToLineUp({ piece, marked, plan: hooped }), [piece, marked, hooped])
  if (ways.length === 0 && !lineUp) return null
  const chosen = ways.find((way) => way.line === lineUp)
  const choices = [
    { id: MARKS, name: 'The marks' },
    ...ways.map((way) => ({ id: way.line, name: `By ${writeName(way.name)}` })),
  ]
  return (
    <Fold title="Line up by" answer={chosen ? writeName(chosen.name) : 'the marks'}>
      <Choices
        label="Lined up"
        choices={choices}
        value={chosen ? chosen.line : MARKS}
        onChange={(id) => set({ hoop: { lineUp: id === MARKS ? null : id } })}
      />
      {chosen ? <HowToLay way={chosen} write={plan.write} /> : null}
    </Fold>
  )
}

function HowToLay({ way, write }: { way: LineUp; write: (mm: number) => string }) {
  return (
    <>
      <Text>{`Lay ${writeName(way.name)} along the hoop’s inside edge ${sides[way.side]}.`}</Text>
      <Text>{`It’s ${write(way.fieldFrom)} to the field and ${write(way.designFrom)} to the design’s nearest edge. The design moves to that side.`}</Text>
      <Text soft>{`Assuming ${write(way.fieldFrom)} from hoop to field. Measure yours once.`}</Text>
    </>
  )
}
