import { program as t } from '@thimble/language/en/program'
import { Slot, usePathname } from 'expo-router'
import { useEffect } from 'react'
import { Pressable, Text, View } from 'react-native'
import { Provider } from 'react-redux'
import { keepShell } from '@/state/newerVersion'
import { startSync } from '@/sync/startSync'
import { store, useDocuments } from '@/state/store'
import { light } from '@/theme/palette'
import { PaletteProvider } from '@/theme/PaletteProvider'
import { PageFails } from '@/ui/PageFails'
import { Shell } from '@/ui/Shell'

// What the device holds is on its way before the first drawing.
void startSync()

export default function Layout() {
  useEffect(() => {
    if (process.env.NODE_ENV === 'production') void keepShell().catch(() => undefined)
  }, [])
  return (
    <Provider store={store}>
      <Themed />
    </Provider>
  )
}

/** Where not even the frame can be shown: what was typed is on the device and on its way all the same. */
export function ErrorBoundary({ error, retry }: { error: Error; retry: () => Promise<void> }) {
  return (
    <View style={{ flex: 1, padding: 24, gap: 16, backgroundColor: light.calico }}>
      <Text role="alert" style={{ fontSize: 20, color: light.ink }}>
        {t('something-went-wrong-what-you')}
      </Text>
      <Text style={{ fontSize: 15, color: light.inkSoft }}>{error.message}</Text>
      <Pressable role="button" onPress={() => void retry()} style={{ minHeight: 48, justifyContent: 'center' }}>
        <Text style={{ fontSize: 18, color: light.indigo }}>{t('try-again')}</Text>
      </Pressable>
    </View>
  )
}

function Themed() {
  const theme = useDocuments((s) => s.shop.theme)
  const page = usePathname()
  return (
    <PaletteProvider theme={theme}>
      <Shell>
        <PageFails page={page}>
          <Slot />
        </PageFails>
      </Shell>
    </PaletteProvider>
  )
}
