import { program as t } from '@thimble/language/en/program'
import { Component, type ReactNode } from 'react'
import { View } from 'react-native'
import { Text } from './Text'

type Props = { name: string; children: ReactNode }

/** One of a list: where it cannot be shown, that is said in its place, and the others are there all the same. */
export class SetApart extends Component<Props, { why: string | null }> {
  override state: { why: string | null } = { why: null }

  static getDerivedStateFromError(error: Error): { why: string } {
    return { why: error.message }
  }

  override render(): ReactNode {
    if (this.state.why === null) return this.props.children
    return (
      <View role="alert" style={{ padding: 16, gap: 4 }}>
        <Text bold>{this.props.name}</Text>
        <Text tone="madder">{t('this-cannot-be-shown', { why: this.state.why })}</Text>
      </View>
    )
  }
}
