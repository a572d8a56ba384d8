import { stash as t } from '@thimble/language/en/stash'
import type { ReactNode } from 'react'
import { Fold } from '@/ui/Fold'
import { useWide } from '@/ui/useMedia'

/** One kind of thing in the stash; on a wide screen there is room for all of them. */
export function ShelfFold({ title, count, children }: { title: string; count: number; children: ReactNode }) {
  const wide = useWide()
  return (
    <Fold
      key={String(wide)}
      place={wide ? undefined : 'Stash'}
      title={title}
      answer={count === 0 ? t('none-yet') : String(count)}
      open={wide}
    >
      {children}
    </Fold>
  )
}
