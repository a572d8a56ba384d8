import { layers as t } from '@thimble/language/en/layers'
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
  { id: 'smooth', name: t('smooth') },
  { id: 'loops', name: t('loops') },
  { id: 'pile', name: t('pile') },
  { id: 'texture', name: t('ribs-or-squares') },
] as const
const lights = [
  { id: 'none', name: t('nothing') },
  { id: 'some', name: t('a-hands-shadow') },
  { id: 'much', name: t('a-hands-outline') },
] as const
const irons = [
  { id: 'takes', name: t('stays-as-it-was') },
  { id: 'not', name: t('shrinks-shines-or-sticks') },
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
      <Choices
        label={t('how-does-it-feel')}
        choices={surfaces}
        value={surface}
        onChange={(s) => tell({ surface: s })}
      />
      <Choices
        label={t('held-to-the-light-what')}
        choices={lights}
        value={light}
        onChange={(l) => tell({ light: l })}
      />
      <Choices label={t('a-scrap-under-a-medium')} choices={irons} value={iron} onChange={(i) => tell({ iron: i })} />
      <AdviceBar
        advice={{
          code: 'iron',
          text: t('irons-burn-use-a-scrap'),
          severity: 'caution',
        }}
      />
      {guesses ? (
        guesses.map(({ family, percent }, i) => (
          <View key={family} style={{ gap: 6 }}>
            <Text bold={i === 0}>
              {t('sure', {
                which: i === 0 ? t('most-like') : t('or'),
                cloth: clothName(family).toLowerCase(),
                percent,
              })}
            </Text>
            <Button
              type={i === 0 ? 'solid' : 'outline'}
              title={t('use', { split: clothName(family).split(',')[0]!.toLowerCase() })}
              onPress={() => set({ build: { cloth: { family, swatch: null, told: true } } })}
            />
          </View>
        ))
      ) : (
        <Text soft>{t('answer-all-four-to-see')}</Text>
      )}
    </View>
  )
}
