import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular'
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold'
import { Bitter_600SemiBold } from '@expo-google-fonts/bitter/600SemiBold'

export const fontFiles = {
  Text: AtkinsonHyperlegibleNext_400Regular,
  TextBold: AtkinsonHyperlegibleNext_700Bold,
  Heading: Bitter_600SemiBold,
}
