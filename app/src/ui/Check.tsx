import { CheckBox } from '@rneui/themed'
import type { KeyboardEvent } from 'react'
import { type TextStyle, View, type ViewStyle } from 'react-native'

type Props = {
  title: string
  checked: boolean
  onChange: (checked: boolean) => void
  wrapperStyle?: ViewStyle
  textStyle?: TextStyle
}

/** A box to tick, by tap or by Space; it is called by its words alone. */
export function Check({ title, checked, onChange, wrapperStyle, textStyle }: Props) {
  const press = (event: KeyboardEvent): void => {
    if (event.key !== ' ') return
    event.preventDefault()
    onChange(!checked)
  }
  return (
    <View {...{ onKeyDown: press }}>
      <CheckBox
        checked={checked}
        onPress={() => onChange(!checked)}
        title={title}
        role="checkbox"
        aria-label={title}
        aria-checked={checked}
        wrapperStyle={wrapperStyle}
        textStyle={{ marginLeft: 12, ...textStyle }}
      />
    </View>
  )
}
