import type { Account } from '@thimble/contract'
import { useReserved } from '@/state/useReserved'
import { Text } from '@/ui/Text'
import { spokenForText } from '@/words/stockWords'

type Props = { of: Account; thing: { id: string; sheetMm?: number | null }; left: number | null }

/** What built pieces on the bench will take of a thing. */
export function SpokenFor({ of, thing, left }: Props) {
  const reserved = useReserved().get(thing.id)
  if (!reserved) return null
  const short = left !== null && reserved.amount > left
  return (
    <Text soft={!short} tone={short ? 'madder' : undefined}>
      {spokenForText(of, reserved, thing, short)}
    </Text>
  )
}
