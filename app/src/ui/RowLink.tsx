import { useRouter } from 'expo-router'
import type { MouseEvent } from 'react'
import { Pressable, type PressableProps } from 'react-native'

type Props = PressableProps & {
  href: string
  /** On a wide screen a line may open beside the list. */
  onOpen?: () => void
}

/** Something that leads on, with its address: it can be copied, or opened in a window of its own. */
export function RowLink({ href, onOpen, ...rest }: Props) {
  const router = useRouter()
  const go = (event: MouseEvent): void => {
    if (event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    if (onOpen) onOpen()
    else router.push(href)
  }
  return <Pressable role="link" {...rest} {...{ href }} onPress={(e) => go(e as unknown as MouseEvent)} />
}
