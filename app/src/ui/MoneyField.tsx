import { program as t } from '@thimble/language/en/program'
import { currencySign, readMoney, typedMoney } from '@/words/moneyWords'
import { Field } from './Field'
import { useDraftText } from './useDraftText'

type Props = {
  /** Tells it from another of the same label. */
  slot: string
  label: string
  currency: string
  /** In minor units; null: not known. */
  minor: number | null
  onChange: (minor: number | null) => void
  half?: boolean
  hint?: string
}

/** An amount of money; what cannot be read stays as typed, is said, and is not kept. */
export function MoneyField({ slot, currency, minor, onChange, ...rest }: Props) {
  const [text, setText] = useDraftText(`money.${slot}`, typedMoney(minor, currency))
  const { problem } = readMoney(text, currency)
  const type = (typed: string): void => {
    const read = readMoney(typed, currency)
    setText(typed, !read.problem)
    if (!read.problem) onChange(read.minor)
  }
  return (
    <Field
      {...rest}
      value={text}
      problem={problem}
      suffix={currencySign(currency)}
      keyboard="numeric"
      placeholder={t('not-known')}
      onChange={type}
    />
  )
}
