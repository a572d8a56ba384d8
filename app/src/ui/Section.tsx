import { createContext, type ReactNode, useContext } from 'react'
import { View } from 'react-native'
import { Heading, Text } from './Text'

/** Whether a section stands in a fold, which has the room at its sides already. */
export const InFold = createContext(false)

export function Section({ title, says, children }: { title?: string; says?: string; children?: ReactNode }) {
  const folded = useContext(InFold)
  return (
    <View style={{ ...(folded ? {} : { paddingHorizontal: 16, paddingTop: 14, paddingBottom: 4 }), gap: 10 }}>
      {title ? <Heading level={folded ? 3 : 2}>{title}</Heading> : null}
      {says ? <Text soft>{says}</Text> : null}
      {children}
    </View>
  )
}
