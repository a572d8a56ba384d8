import { DancingScript_700Bold } from '@expo-google-fonts/dancing-script/700Bold'
import { fontFiles } from './fonts'

/** Typefaces that wording is set in; they ship with the program, under open licences. */
export const typefaces: readonly { id: string; name: string; file: number }[] = [
  { id: 'plain', name: 'Plain', file: fontFiles.TextBold },
  { id: 'serif', name: 'With serifs', file: fontFiles.Heading },
  { id: 'script', name: 'Written', file: DancingScript_700Bold },
]
