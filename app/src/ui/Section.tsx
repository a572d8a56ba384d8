import type { ReactNode } from 'react'
import { View } from 'react-native'
import { Heading, Text } from './Text'

export function Section({ title, says, children }: { title?: string; says?: string; children: ReactNode }) {
  return (
    <View style={{ paddingHorizontal: 16, paddingTop: 18, gap: 10 }}>
      {title ? <Heading level={2}>{title}</Heading> : null}
      {says ? <Text soft>{says}</Text> : null}
      {children}
    </View>
  )
}
