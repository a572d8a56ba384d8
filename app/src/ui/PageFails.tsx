import { program as t } from '@thimble/language/en/program'
import { Button } from '@rneui/themed'
import { Component, type ReactNode } from 'react'
import { View } from 'react-native'
import { Page } from './Page'
import { Section } from './Section'
import { Text } from './Text'

/** A part of the program that is asked for later is gone where the program was renewed meanwhile. */
const PART_GONE = /AsyncRequireError|Loading module|split bundle/
const ONCE = 'zt.opened-anew'
const LATELY_MS = 60_000

/** Opens the page again, once: after that, the fault lies elsewhere. */
function openAnew(error: Error): boolean {
  if (!PART_GONE.test(`${error.name} ${error.message}`)) return false
  try {
    const last = Number(sessionStorage.getItem(ONCE) ?? 0)
    if (Date.now() - last < LATELY_MS) return false
    sessionStorage.setItem(ONCE, String(Date.now()))
  } catch {
    return false
  }
  location.reload()
  return true
}

type Props = { page: string; children: ReactNode }
type State = { error: Error | null; anew: boolean }

/** What is shown in the place of a page that fails; what was typed is on the device and on its way all the same. */
export class PageFails extends Component<Props, State> {
  override state: State = { error: null, anew: false }

  static getDerivedStateFromError(error: Error): Partial<State> {
    return { error }
  }

  override componentDidUpdate({ page }: Props): void {
    if (page !== this.props.page && this.state.error) this.setState({ error: null })
  }

  override componentDidCatch(error: Error): void {
    this.setState({ anew: openAnew(error) })
  }

  override render(): ReactNode {
    const { error, anew } = this.state
    if (!error) return this.props.children
    if (anew) return null
    return (
      <Page title={t('something-went-wrong-here')} back>
        <Section>
          <Text role="alert">{t('what-you-typed-is-kept')}</Text>
          <Text soft>{error.message}</Text>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
            <Button title={t('try-again')} onPress={() => this.setState({ error: null })} />
            <Button type="outline" title={t('go-to-the-bench')} onPress={() => location.assign('/')} />
          </View>
        </Section>
      </Page>
    )
  }
}
