import type { ComponentProps } from 'react'
import { type Control, type FieldPath, type FieldValues, useController } from 'react-hook-form'
import { type Choice, Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { tooLong } from '@/ui/LimitedField'

/** Which field of which form. */
type Bound<Texts extends FieldValues> = { control: Control<Texts, unknown, FieldValues>; name: FieldPath<Texts> }
type Text = Omit<ComponentProps<typeof Field>, 'value' | 'onChange'>

/** A text of a form, with its problem beside it. */
export function FormField<Texts extends FieldValues>({
  control,
  name,
  problem,
  longest,
  ...rest
}: Bound<Texts> & Text & { longest?: number }) {
  const { field, fieldState } = useController({ control, name })
  const text = String(field.value ?? '')
  const long = longest ? tooLong(text, longest) : null
  return (
    <Field {...rest} value={text} problem={long ?? fieldState.error?.message ?? problem} onChange={field.onChange} />
  )
}

/** A length of a form; the unit shown is the one meant when none is typed. */
export function FormLength<Texts extends FieldValues>({ unit, ...rest }: Bound<Texts> & Text & { unit: string }) {
  const { field } = useController({ control: rest.control, name: rest.name })
  const named = /[a-z"]/.test(String(field.value ?? ''))
  return <FormField {...rest} big longest={60} suffix={named ? undefined : unit} />
}

/** `chosen`: what stands where nothing of the choices was picked. */
type Picked<Id extends string> = { label: string; choices: readonly Choice<Id>[]; long?: boolean; chosen?: Id }

/** One of several in a form. */
export function FormChoices<Texts extends FieldValues, Id extends string>({
  control,
  name,
  chosen,
  ...rest
}: Bound<Texts> & Picked<Id>) {
  const { field } = useController({ control, name })
  return <Choices {...rest} value={chosen ?? (field.value as Id)} onChange={field.onChange} />
}
