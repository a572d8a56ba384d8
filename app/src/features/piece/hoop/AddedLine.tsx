import type { Added } from '@thimble/contract'
import { Text } from '@/ui/Text'

type Props = { added: (Added & { roomy?: boolean }) | null }

const mm = (value: number): string => String(Number(Math.abs(value).toFixed(1)))

/** What a move has in it beside what was measured, and why; or why it is not in it. */
export function AddedLine({ added }: Props) {
  if (!added) return null
  const { right, down, name, learned, roomy = true } = added
  const ways = [
    down === 0 ? '' : `${mm(down)} mm ${down > 0 ? 'down' : 'up'}`,
    right === 0 ? '' : `${mm(right)} mm ${right > 0 ? 'right' : 'left'}`,
  ].filter(Boolean)
  const far = mm(Math.hypot(learned.right, learned.down))
  const why = `${name}: ${learned.pieces} pieces landed ${far} mm off on average`
  return (
    <Text soft>
      {roomy
        ? `${ways.join(' and ')} added for ${why}. Change it in the log, “What works here”.`
        : `No correction for ${name} here: the field has no room.`}
    </Text>
  )
}
