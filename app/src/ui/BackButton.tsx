import { program as t } from '@thimble/language/en/program'
import { useRouter } from 'expo-router'
import { Pressable } from 'react-native'
import { goingBack } from './scrollMemory'
import { Text } from './Text'

/** Back to where one came from, or to the bench. */
export function BackButton() {
  const router = useRouter()
  return (
    <Pressable
      role="button"
      aria-label={t('back')}
      style={{ width: 44, height: 44, marginLeft: -10, justifyContent: 'center', alignItems: 'center' }}
      onPress={() => {
        if (!router.canGoBack()) return router.replace('/')
        goingBack()
        router.back()
      }}
    >
      <Text aria-hidden style={{ fontSize: 28, lineHeight: 32 }}>
        ‹
      </Text>
    </Pressable>
  )
}
