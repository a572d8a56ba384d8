import { log as t } from '@thimble/language/en/log'
import type { HoopTry, Piece } from '@thimble/contract'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import { triesOf } from '@thimble/plan'
import { turnWords } from '@/words/turnWords'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { clockText } from '@/words/dates'

type Props = { piece: Piece; style: LengthStyle }

/** Each time it was hooped and looked at: how it lay, and whether it was dialled or hooped again. */
export function TriesMade({ piece, style }: Props) {
  const tries = triesOf(piece)
  const [kept] = piece.hoop.kept
  if (tries.length === 0) return null
  const several = tries.some(({ group }) => group > 0)
  return (
    <Section title={t('how-it-was-hooped')}>
      {tries.map((one, i) => (
        <Text key={one.at}>
          {`${i + 1}. ${clockText(one.at)}${several ? t('hooping-2', { group: one.group + 1 }) : ''}: ${layText(one, kept?.poses?.[one.group] ?? kept?.pose ?? null, style)}; ${one.then === 'kept' ? t('dialled') : t('re-hooped')}.`}
        </Text>
      ))}
    </Section>
  )
}

/** How far from where it was meant to lie. */
function layText(
  { exact }: HoopTry,
  meant: { x: number; y: number; rotation: number } | null,
  style: LengthStyle,
): string {
  if (!meant) return t('checked')
  const askew = ((((exact.rotation - meant.rotation + 180) % 360) + 360) % 360) - 180
  const far = Math.hypot(exact.x - meant.x, exact.y - meant.y)
  const turned = Math.abs(askew) < 0.05 ? t('straight') : turnWords(Number(askew.toFixed(1)))
  return `${turned}, ${far < 0.5 ? t('on-the-mark') : t('off', { formatLength: formatLength(far, style) })}`
}
