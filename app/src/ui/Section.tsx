import type { ReactNode } from 'react'
import { View } from 'react-native'
import { Heading, Words } from './Words'

export function Section({ title, says, children }: { title?: string; says?: string; children: ReactNode }) {
  return (
    <View style={{ paddingHorizontal: 16, paddingTop: 18, gap: 10 }}>
      {title ? <Heading level={2}>{title}</Heading> : null}
      {says ? <Words soft>{says}</Words> : null}
      {children}
    </View>
  )
}
