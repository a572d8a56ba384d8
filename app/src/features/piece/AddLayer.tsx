import { layers as t } from '@thimble/language/en/layers'
import type { Supply } from '@thimble/contract'
import type { SupplyKind } from '@thimble/core/recipe'
import { kindsOf } from '@thimble/plan/byHand'
import { useState } from 'react'
import { Choices } from '@/ui/Choices'
import { Disclosure } from '@/ui/Disclosure'
import { kindOnShelf } from '@/words/stackWords'

const roles = [
  { id: 'backing', name: t('underneath') },
  { id: 'topping', name: t('on-top') },
  { id: 'cover', name: t('over-the-back') },
] as const

type Props = { supplies: readonly Supply[]; onAdd: (kind: SupplyKind) => void }

/** Puts one more layer to the stack; what is in the stash comes first. */
export function AddLayer({ supplies, onAdd }: Props) {
  const [role, setRole] = useState<(typeof roles)[number]['id']>('backing')
  return (
    <Disclosure title={t('add-a-layer')}>
      <Choices label={t('where-it-goes')} choices={roles} value={role} onChange={setRole} />
      <Choices
        label={t('what-to-add')}
        choices={kindsOf(role, supplies).map(kindOnShelf)}
        value={null}
        onChange={onAdd}
      />
    </Disclosure>
  )
}
