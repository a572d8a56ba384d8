import { type ReactNode, useState } from 'react'
import { Pressable, View } from 'react-native'
import { Text } from './Text'

/** Something asked only by those who want it: a line that opens. */
export function Disclosure({
  title,
  open: first = false,
  children,
}: {
  title: string
  open?: boolean
  children: ReactNode
}) {
  const [open, setOpen] = useState(first)
  return (
    <View style={{ gap: 10 }}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={{ minHeight: 44, justifyContent: 'center' }}
      >
        <Text bold tone="indigo">{`${open ? '−' : '+'}  ${title}`}</Text>
      </Pressable>
      {open ? children : null}
    </View>
  )
}
