import { writeName } from '@thimble/language'
import type { MeasurementAsk } from '@thimble/core/placement'
import { useRef, useState } from 'react'
import { afterPress } from '@/ui/afterPress'
import { LengthField } from '@/ui/LengthField'
import type { StageProps } from '../StageProps'
import { oddText } from './oddText'

type Props = Pick<StageProps, 'tools' | 'setHighlighted'> & { ask: MeasurementAsk; label: string; half?: boolean }

/** One number of the tape; how to take it stands below while it is typed. */
export function TapeField({ tools: { piece, plan, shelf, set }, setHighlighted, ask, label, half }: Props) {
  const [typing, setTyping] = useState(false)
  const closing = useRef<() => void>(undefined)
  const { measures, problems, placement, write } = plan
  const usual = measures[ask.id]
  return (
    <LengthField
      half={half}
      label={label}
      hint={oddText(placement, ask.id, plan.style) ?? (typing ? writeName(ask.howTo) : undefined)}
      unit={shelf.shop.unit}
      typed={piece.measure.measures[ask.id]}
      placeholder={usual === undefined ? '' : write(usual)}
      problem={problems[`measures.${ask.id}`]}
      onChange={(typed) => set({ measure: { measures: { [ask.id]: typed } } })}
      onFocus={() => {
        closing.current?.()
        setTyping(true)
        setHighlighted(ask.id)
      }}
      onBlur={() => {
        closing.current = afterPress(() => setTyping(false))
        setHighlighted(null)
      }}
    />
  )
}
