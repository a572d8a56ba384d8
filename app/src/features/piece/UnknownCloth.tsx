import { Button } from '@rneui/themed'
import { clothGuesses } from '@thimble/plan/clothGuesses'
import { View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { PullTest } from './PullTest'
import type { PieceTools } from './usePiece'

const surfaces = [
  { id: 'smooth', name: 'Smooth' },
  { id: 'loops', name: 'Loops' },
  { id: 'pile', name: 'Pile' },
  { id: 'texture', name: 'Ribs or squares' },
] as const
const lights = [
  { id: 'none', name: 'Nothing' },
  { id: 'some', name: 'A hand’s shadow' },
  { id: 'much', name: 'A hand’s outline' },
] as const
const irons = [
  { id: 'takes', name: 'Stays as it was' },
  { id: 'not', name: 'Shrinks, shines or sticks' },
] as const

/** Four tests of a hand, and what the cloth is most like by them, with how sure that is. */
export function UnknownCloth({ tools }: { tools: Pick<PieceTools, 'piece' | 'shelf' | 'set'> }) {
  const { piece, set } = tools
  const { surface, light, iron } = piece.build.cloth.tested
  const tell = (tested: Partial<typeof piece.build.cloth.tested>): void => set({ build: { cloth: { tested } } })
  const guesses = clothGuesses(piece.build.cloth)
  return (
    <View style={{ gap: 14 }}>
      <PullTest tools={tools} number="" />
      <Choices label="How does it feel?" choices={surfaces} value={surface} onChange={(s) => tell({ surface: s })} />
      <Choices
        label="Held to the light, what shows?"
        choices={lights}
        value={light}
        onChange={(l) => tell({ light: l })}
      />
      <Choices label="A scrap under a medium iron" choices={irons} value={iron} onChange={(i) => tell({ iron: i })} />
      <AdviceBar
        advice={{
          code: 'iron',
          text: 'Irons burn. Use a scrap or hidden edge, under baking paper.',
          severity: 'caution',
        }}
      />
      {guesses ? (
        guesses.map(({ family, percent }, i) => (
          <View key={family} style={{ gap: 6 }}>
            <Text
              bold={i === 0}
            >{`${i === 0 ? 'Most like' : 'Or'} ${clothName(family).toLowerCase()}: ${percent} % sure`}</Text>
            <Button
              type={i === 0 ? 'solid' : 'outline'}
              title={`Use ${clothName(family).split(',')[0]!.toLowerCase()}`}
              onPress={() => set({ build: { cloth: { family, swatch: null, told: true } } })}
            />
          </View>
        ))
      ) : (
        <Text soft>Answer all four to see what it’s most like.</Text>
      )}
    </View>
  )
}
