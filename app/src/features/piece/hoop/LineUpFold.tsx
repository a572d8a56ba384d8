import { hoop as t } from '@thimble/language/en/hoop'
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
  front: t('toward-you'),
  back: t('away-from-you'),
  carriage: t('at-the-carriage'),
  throat: t('at-the-machine-arm'),
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
    { id: MARKS, name: t('the-marks') },
    ...ways.map((way) => ({ id: way.line, name: `By ${writeName(way.name)}` })),
  ]
  return (
    <Fold title={t('line-up-by')} answer={chosen ? writeName(chosen.name) : t('the-marks-2')}>
      <Choices
        label={t('lined-up')}
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
      <Text>{t('lay-along-the-hoops-inside', { write: writeName(way.name), sides: sides[way.side] })}</Text>
      <Text>{t('its-to-the-field-and', { fieldFrom: write(way.fieldFrom), designFrom: write(way.designFrom) })}</Text>
      <Text soft>{t('assuming-from-hoop-to-field', { fieldFrom: write(way.fieldFrom) })}</Text>
    </>
  )
}
