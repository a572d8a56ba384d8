import type { TypedLength } from '@thimble/contract'
import { Field } from './Field'

type Props = {
  label: string
  typed: TypedLength | undefined
  unit: TypedLength['unit']
  onChange: (typed: TypedLength) => void
  hint?: string
  problem?: string | null
  placeholder?: string
  half?: boolean
  onFocus?: () => void
  onBlur?: () => void
}

/** A length as people write it; the unit shown is the one meant when none is named. */
export function LengthField({ typed, unit, onChange, placeholder, ...rest }: Props) {
  const meant = typed?.text ? typed.unit : unit
  const named = /[a-z"'′″”]/i.test(typed?.text ?? '')
  return (
    <Field
      {...rest}
      big
      placeholder={placeholder?.replace(/ (mm|cm)$/, '')}
      value={typed?.text ?? ''}
      suffix={named ? undefined : meant}
      onChange={(text) => onChange({ text: text.slice(0, 60), unit })}
    />
  )
}
