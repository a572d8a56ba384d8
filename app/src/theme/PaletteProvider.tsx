import { createTheme, ThemeProvider } from '@rneui/themed'
import { createContext, type ReactNode, useContext, useMemo } from 'react'
import { useColorScheme } from 'react-native'
import { dark, light, type Palette } from './palette'

const PaletteContext = createContext<Palette>(light)
export const usePalette = (): Palette => useContext(PaletteContext)

/** Hands down the palette, and dresses the interface library's controls in it. */
export function PaletteProvider({ theme, children }: { theme: 'auto' | 'light' | 'dark'; children: ReactNode }) {
  const scheme = useColorScheme()
  const palette = theme === 'dark' || (theme === 'auto' && scheme === 'dark') ? dark : light
  const dressed = useMemo(() => controlsTheme(palette), [palette])
  return (
    <PaletteContext.Provider value={palette}>
      <ThemeProvider theme={dressed}>{children}</ThemeProvider>
    </PaletteContext.Provider>
  )
}

function controlsTheme(p: Palette) {
  const colors = {
    primary: p.indigo,
    secondary: p.weld,
    background: p.calico,
    white: p.paper,
    black: p.ink,
    grey3: p.inkSoft,
    error: p.madder,
    success: p.moss,
    warning: p.weld,
    divider: p.seam,
  }
  return createTheme({
    lightColors: colors,
    darkColors: colors,
    components: {
      Button: (props) => ({
        buttonStyle: {
          minHeight: 48,
          borderRadius: 4,
          paddingHorizontal: 18,
          borderWidth: 2,
          borderColor: p.indigo,
          backgroundColor: props.type === 'outline' ? p.paper : p.indigo,
        },
        titleStyle: { fontFamily: 'TextBold', fontSize: 17, color: props.type === 'outline' ? p.indigo : p.onIndigo },
        disabledStyle: { backgroundColor: p.seam, borderColor: p.seam },
        disabledTitleStyle: { color: p.inkSoft },
      }),
      Input: {
        containerStyle: { paddingHorizontal: 0 },
        inputContainerStyle: { borderBottomWidth: 0 },
        inputStyle: { fontFamily: 'Text', fontSize: 18, color: p.ink, minHeight: 44, paddingVertical: 4 },
        errorStyle: { display: 'none', margin: 0 },
        labelStyle: { fontFamily: 'Text', fontSize: 14, fontWeight: 'normal', color: p.inkSoft },
        placeholderTextColor: p.inkSoft,
      },
      CheckBox: {
        iconType: 'feather',
        checkedIcon: 'check-square',
        uncheckedIcon: 'square',
        checkedColor: p.moss,
        uncheckedColor: p.inkSoft,
        size: 26,
        containerStyle: {
          backgroundColor: 'transparent',
          borderWidth: 0,
          margin: 0,
          marginLeft: 0,
          marginRight: 0,
          padding: 0,
        },
        textStyle: { fontFamily: 'Text', fontWeight: 'normal', fontSize: 17, color: p.ink, flex: 1 },
      },
    },
  })
}
