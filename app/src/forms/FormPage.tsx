import { program as t } from '@thimble/language/en/program'
import { Button } from '@rneui/themed'
import type { ReactNode } from 'react'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'

type Props = {
  title: string
  /** Above the fields, from edge to edge. */
  picture?: ReactNode
  children: ReactNode
  onKeep: () => void
  /** The words of the button that removes it, when it is kept already. */
  removal: string | null
  onRemove: () => void
}

/** A form: its fields, keeping at the thumb, removing at the end. */
export function FormPage({ title, picture, children, onKeep, removal, onRemove }: Props) {
  return (
    <Page title={title} back foot={<Button title={t('save')} onPress={onKeep} />}>
      {picture}
      <Section>
        {children}
        {removal ? <Button type="outline" title={removal} onPress={onRemove} /> : null}
      </Section>
    </Page>
  )
}
