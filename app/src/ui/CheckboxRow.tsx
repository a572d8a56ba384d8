import { CheckBox } from '@rneui/themed'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from './Text'
import { useUnits } from './useUnits'

type Props = {
  title: string
  done: boolean
  onChange: (done: boolean) => void
  after?: string | undefined
  /** What it said when it was ticked, where that is another number: it is to be done again. */
  was?: string | null | undefined
  large?: boolean
}

/** A line of a list to tick off; the whole line is the target. */
export function CheckboxRow({ title, done, onChange, after, was, large }: Props) {
  const p = usePalette()
  const inUnits = useUnits()
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, minHeight: large ? 60 : 52, justifyContent: 'center' }}>
      <CheckBox
        checked={done}
        onPress={() => onChange(!done)}
        title={inUnits(after ? `${title} ${after}` : title)}
        role="checkbox"
        aria-checked={done}
        wrapperStyle={{ paddingVertical: 10, alignItems: 'flex-start' }}
        textStyle={{
          ...(large ? { fontSize: 20, lineHeight: 27 } : { lineHeight: 24 }),
          marginLeft: 12,
          ...(done ? { color: p.inkSoft } : {}),
        }}
      />
      {was ? (
        <Text style={{ paddingLeft: 46, paddingBottom: 10 }}>
          {inUnits(`Changed since you ticked it. It said: ${was}`)}
        </Text>
      ) : null}
    </View>
  )
}
