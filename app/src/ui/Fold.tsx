import { program as t } from '@thimble/language/en/program'
import { type ReactNode, useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useRemembered } from './scrollMemory'
import { foldsOpen } from './foldsOpen'
import { InFold } from './Section'
import { Text } from './Text'

type Props = {
  title: string
  /** What is in it, in a few words, so that it need not be opened to know. */
  answer?: string
  /** Something in it waits for an answer. */
  open?: boolean
  /** Something typed in it cannot be read: it stays open. */
  wrong?: boolean
  /** The page on which it is left as it is. */
  place?: string
  children: ReactNode
}

/** A part of a page in one ruled line that says its answer; a tap opens it. */
export function Fold({ title, answer, open: waits = false, wrong = false, place, children }: Props) {
  const p = usePalette()
  const [first] = useState(() => waits || foldsOpen())
  const [left, setLeft] = useRemembered<'open' | 'shut'>(place ?? '', title, first ? 'open' : 'shut')
  const [here, setHere] = useState(first)
  const open = wrong || (place ? left === 'open' : here)
  const setOpen = (next: boolean): void => (place ? setLeft(next ? 'open' : 'shut') : setHere(next))
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, backgroundColor: p.paper }}>
      <View role="heading" aria-level={2}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={answer ? `${title}: ${answer}` : title}
          onPress={() => setOpen(!open)}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 16,
            minHeight: 49,
            paddingHorizontal: 16,
            paddingVertical: 8,
          }}
        >
          <Text bold tone="indigo" style={{ flexShrink: 0, maxWidth: '62%' }}>
            {title}
          </Text>
          <Text soft numberOfLines={open ? 1 : 2} style={{ flex: 1, textAlign: 'right' }}>
            {open ? t('close') : (answer ?? '')}
          </Text>
        </Pressable>
      </View>
      {open ? (
        <View style={{ gap: 12, paddingHorizontal: 16, paddingTop: 4, paddingBottom: 18 }}>
          <InFold value={true}>{children}</InFold>
        </View>
      ) : null}
    </View>
  )
}
