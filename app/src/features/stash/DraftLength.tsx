import { Field } from '@/ui/Field'

type Draft<F extends string> = {
  texts: Record<F, string>
  problems: Partial<Record<string, string>>
  type: (field: F, text: string) => void
}
type Props<F extends string> = { draft: Draft<F>; field: F; label: string; unit: string; half?: boolean }

/** A length on a form; the unit shown is the one meant when none is typed. */
export function DraftLength<F extends string>({ draft, field, unit, ...rest }: Props<F>) {
  const text = draft.texts[field]
  return (
    <Field
      {...rest}
      big
      suffix={/[a-z"]/.test(text) ? undefined : unit}
      value={text}
      problem={draft.problems[field]}
      onChange={(typed) => draft.type(field, typed)}
    />
  )
}
