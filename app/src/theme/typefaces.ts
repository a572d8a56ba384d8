import { program as t } from '@thimble/language/en/program'
import { DancingScript_700Bold } from '@expo-google-fonts/dancing-script/700Bold'
import { fontFiles } from './fonts'

/** Typefaces that wording is set in; they ship with the program, under open licences. */
export const typefaces: readonly { id: string; name: string; file: number }[] = [
  { id: 'plain', name: t('plain'), file: fontFiles.TextBold },
  { id: 'serif', name: t('with-serifs'), file: fontFiles.Heading },
  { id: 'script', name: t('written'), file: DancingScript_700Bold },
]
