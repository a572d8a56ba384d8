import type { ReactNode, Ref } from 'react'
import { StyleSheet, Text as NativeText, type TextProps } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'

type Props = TextProps & { children: ReactNode; soft?: boolean; bold?: boolean; tone?: 'madder' | 'moss' | 'indigo' }

/** Running text. */
export function Text({ soft, bold, tone, style, ...rest }: Props) {
  const p = usePalette()
  const color = tone ? p[tone] : soft ? p.inkSoft : p.ink
  return <NativeText {...rest} style={[styles.text, { color }, bold && styles.bold, soft && styles.small, style]} />
}

export function Heading({
  style,
  level = 2,
  ...rest
}: TextProps & { level?: 1 | 2 | 3; ref?: Ref<NativeText>; tabIndex?: 0 | -1 }) {
  const p = usePalette()
  return (
    <NativeText
      role="heading"
      aria-level={level}
      {...rest}
      style={[styles.heading, { color: p.ink, fontSize: [24, 20, 17][level - 1] }, style]}
    />
  )
}

/** A sentence with its numbers set large, for the bench. */
export function BigNumbers({ children, size = 26 }: { children: string; size?: number }) {
  return (
    <Text>
      {children.split(/(\d+(?:[.,]\d+)?(?:\s\d+\/\d+)?(?:\/\d+)?"?)/).map((part, i) =>
        i % 2 === 1 ? (
          <Text key={i} bold style={{ fontSize: size, lineHeight: size * 1.25 }}>
            {part}
          </Text>
        ) : (
          part
        ),
      )}
    </Text>
  )
}

const styles = StyleSheet.create({
  text: { fontFamily: 'Text', fontSize: 17, lineHeight: 24, fontVariant: ['tabular-nums'] },
  small: { fontSize: 15, lineHeight: 21 },
  bold: { fontFamily: 'TextBold' },
  heading: { fontFamily: 'Heading', lineHeight: 30 },
})
