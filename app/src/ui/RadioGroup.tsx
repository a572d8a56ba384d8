import { type KeyboardEvent, type ReactNode } from 'react'
import { View, type ViewStyle } from 'react-native'

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }

type Props = {
  label: string
  children: ReactNode
  style?: ViewStyle
  /** Arrows only move; taking one has consequences, as that the choices close. */
  moves?: boolean
}

/** Choices of which one is taken: Tab goes to it, the arrows take the next or the one before, Space takes the one at hand. */
export function RadioGroup({ label, children, style, moves = false }: Props) {
  return (
    <View role="radiogroup" aria-label={label} style={style} {...{ onKeyDown: moves ? moveByKey : takeByKey }}>
      {children}
    </View>
  )
}

/** What a choice in a group says of itself; `first`: to be come to where none is taken. */
export const radio = (taken: boolean, first = false) =>
  ({ role: 'radio', 'aria-checked': taken, tabIndex: taken || first ? 0 : -1 }) as const

const takeByKey = (event: KeyboardEvent<HTMLElement>): void => choiceAt(event)?.click()

function moveByKey(event: KeyboardEvent<HTMLElement>): void {
  const choice = choiceAt(event)
  if (event.key === ' ') choice?.click()
}

/** The choice a key leads to, with the cursor on it. */
function choiceAt(event: KeyboardEvent<HTMLElement>): HTMLElement | null {
  const radios = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=radio]')]
  const at = radios.indexOf(document.activeElement as HTMLElement)
  const step = event.key === ' ' ? 0 : STEPS[event.key]
  if (at < 0 || step === undefined) return null
  event.preventDefault()
  const next = radios[(at + step + radios.length) % radios.length]!
  next.focus()
  return next
}
