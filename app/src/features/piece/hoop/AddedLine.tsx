import { joined } from '@thimble/language'
import { hoop as t } from '@thimble/language/en/hoop'
import type { Added } from '@thimble/contract'
import { Text } from '@/ui/Text'

type Props = { added: (Added & { roomy?: boolean }) | null }

const mm = (value: number): string => String(Number(Math.abs(value).toFixed(1)))

/** What a move has in it beside what was measured, and why; or why it is not in it. */
export function AddedLine({ added }: Props) {
  if (!added) return null
  const { right, down, name, learned, roomy = true } = added
  const ways = [
    down === 0 ? '' : t('mm', { mm: mm(down), which: down > 0 ? t('down') : t('up') }),
    right === 0 ? '' : t('mm', { mm: mm(right), which: right > 0 ? t('right') : t('left') }),
  ].filter(Boolean)
  const far = mm(Math.hypot(learned.right, learned.down))
  const why = t('pieces-landed-mm-off-on', { name, pieces: learned.pieces, far })
  return (
    <Text soft>
      {roomy ? t('added-for-change-it-in', { ways: joined(ways), why }) : t('no-correction-for-here-the', { name })}
    </Text>
  )
}
