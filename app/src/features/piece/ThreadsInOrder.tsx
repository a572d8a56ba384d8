import { layers as t } from '@thimble/language/en/layers'
import type { OfPatch } from '@thimble/core/design'
import { clothBefore, type ClothHalt, clothSeconds, type SewProgram } from '@thimble/core/sewing'
import type { fineThreads, Spools } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Fold } from '@/ui/Fold'
import { useNamed } from '@/state/useShelfDocs'
import { Text } from '@/ui/Text'
import { haltSays, roleName } from '@/words/patchWords'
import { fineText } from '@/words/stackWords'
import { minutesText } from '@/words/workWords'
import { threadFor } from '@/words/threadWords'

type Props = {
  colours: readonly string[]
  patches?: readonly OfPatch[]
  /** What is sewn, where it is known: then each says how long it takes. */
  program?: SewProgram | null
  spools: Spools
  /** Those that alone have small letters. */
  fine?: ReturnType<typeof fineThreads>
}

/** The colours in the order to thread them, and between them the cloth to lay and to trim. */
export function ThreadsInOrder({ colours, patches = [], program = null, spools, fine = [] }: Props) {
  const threads = useNamed('threads')
  const before = clothBefore(patches)
  return (
    <Fold
      title={before.some(Boolean) ? t('threads-and-cloth-in-order') : t('threads-in-order')}
      answer={[...new Set(colours.map((colour) => threadFor(colour, threads, spools)))].join(', ')}
    >
      {colours.map((colour, i) => (
        <View key={`${i}${colour}`}>
          {before[i] ? <Cloth halt={before[i]} /> : null}
          <Thread
            at={i + 1}
            colour={colour}
            name={threadFor(colour, threads, spools)}
            of={patches[i] ?? {}}
            fine={fine.find((one) => one.colour === colour.toLowerCase())}
            seconds={program?.blocks.find(({ block }) => block === i)?.seconds ?? null}
          />
        </View>
      ))}
    </Fold>
  )
}

function Cloth({ halt }: { halt: ClothHalt }) {
  const p = usePalette()
  const edge = { borderLeftWidth: 4, borderLeftColor: p.tape, paddingLeft: 12, paddingVertical: 6 }
  return (
    <View style={edge}>
      {haltSays(halt).map((text) => (
        <Text bold key={text}>
          {text}
        </Text>
      ))}
      <Text soft>{t('about', { minutes: minutesText(clothSeconds([halt]) / 60) })}</Text>
    </View>
  )
}

type ThreadProps = {
  at: number
  colour: string
  name: string
  of: OfPatch
  seconds: number | null
  fine: NonNullable<Props['fine']>[number] | undefined
}

function Thread({ at, colour, name, of: { patch, role }, seconds, fine }: ThreadProps) {
  const p = usePalette()
  const swatch = { width: 64, height: 24, borderWidth: 1, borderColor: p.ink, borderRadius: 2 }
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 14, minHeight: 40 }}>
      <Text soft style={{ width: 20 }}>
        {at}
      </Text>
      <View style={{ ...swatch, backgroundColor: colour }} />
      <View style={{ flex: 1, minWidth: 0 }}>
        <Text>{name}</Text>
        {patch && role ? <Text soft>{`${patch}: ${roleName(role).toLowerCase()}`}</Text> : null}
        {fine ? <Text soft>{fineText(fine)}</Text> : null}
      </View>
      {seconds === null ? null : <Text soft>{minutesText(Math.max(1, seconds / 60))}</Text>}
    </View>
  )
}
