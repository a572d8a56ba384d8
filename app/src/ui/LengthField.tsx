import type { TypedLength } from '@thimble/contract'
import { LimitedField } from './LimitedField'

type Props = {
  label: string
  typed: TypedLength | undefined
  unit: TypedLength['unit']
  onChange: (typed: TypedLength) => void
  hint?: string
  problem?: string | null
  placeholder?: string
  half?: boolean
  /** Tells it from another of the same label on the same page. */
  slot?: string
  onFocus?: () => void
  onBlur?: () => void
}

/** A length as people write it; the unit shown is the one meant when none is named. */
export function LengthField({ typed, unit, onChange, placeholder, ...rest }: Props) {
  const meant = typed?.text ? typed.unit : unit
  // What is assumed may be answered in other units than are meant here.
  const answered = !typed?.text && placeholder && placeholder.includes('"') !== (meant === 'in')
  const named = /[a-z"'′″”]/i.test(typed?.text ?? '')
  return (
    <LimitedField
      {...rest}
      most={60}
      big
      kind={meant === 'in' ? 'fraction' : 'number'}
      placeholder={placeholder?.replace(/ (mm|cm)$/, '')}
      value={typed?.text ?? ''}
      suffix={named || answered ? undefined : meant}
      onChange={(text) => onChange({ text, unit })}
    />
  )
}
