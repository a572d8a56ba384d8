import { useFonts } from 'expo-font'
import { Slot } from 'expo-router'
import { useEffect } from 'react'
import { Provider } from 'react-redux'
import { begin, store, useShelf } from '@/state/store'
import { fontFiles } from '@/theme/fonts'
import { PaletteProvider } from '@/theme/PaletteProvider'
import { Shell } from '@/ui/Shell'

export default function Layout() {
  const [fontsReady, fontError] = useFonts(fontFiles)
  useEffect(() => {
    begin()
    if (process.env.NODE_ENV === 'production') void navigator.serviceWorker?.register('/sw.js')
  }, [])
  return <Provider store={store}>{fontsReady || fontError ? <Themed /> : null}</Provider>
}

function Themed() {
  const theme = useShelf((s) => s.shop.theme)
  return (
    <PaletteProvider theme={theme}>
      <Shell><Slot /></Shell>
    </PaletteProvider>
  )
}
