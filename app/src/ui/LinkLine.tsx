import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from './RowLink'
import { Text } from './Text'

/** A ruled line that leads on, with its answer at the right. */
export function LinkLine({ href, title, answer }: { href: string; title: string; answer: string }) {
  const p = usePalette()
  return (
    <RowLink
      href={href}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 16,
        minHeight: 56,
        paddingHorizontal: 16,
        paddingVertical: 8,
        borderBottomWidth: 1,
        borderBottomColor: p.seam,
        backgroundColor: p.paper,
      }}
    >
      <Text bold tone="indigo">
        {title}
      </Text>
      <Text soft numberOfLines={2} style={{ flex: 1, textAlign: 'right' }}>
        {answer}
      </Text>
    </RowLink>
  )
}
