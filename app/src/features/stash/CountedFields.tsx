import { stash as t } from '@thimble/language/en/stash'
import type { FieldPath, FieldValues } from 'react-hook-form'
import type { ComponentProps } from 'react'
import { View } from 'react-native'
import { FormField } from '@/forms/FormField'
import { CostField } from './CostField'

type Props<Texts extends FieldValues> = {
  control: ComponentProps<typeof FormField<Texts>>['control']
  /** Nothing of it is kept yet: how many there are is typed. */
  isNew: boolean
  costOf: string
}

/** How many there are, when that is low, and what one costs. */
export function CountedFields<Texts extends FieldValues>({ control, isNew, costOf }: Props<Texts>) {
  const name = (field: string) => field as FieldPath<Texts>
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {isNew ? (
          <FormField
            half
            control={control}
            name={name('left')}
            label={t('how-many')}
            keyboard="numeric"
            placeholder="0"
          />
        ) : null}
        <FormField
          half
          control={control}
          name={name('low')}
          label={t('warn-below')}
          keyboard="numeric"
          placeholder="0"
        />
      </View>
      <CostField control={control} name={name('cost')} label={costOf} />
    </>
  )
}
