import { piece as t } from '@thimble/language/en/piece'
import { Button } from '@rneui/themed'
import type { RecipeOption } from '@thimble/core/recipe'
import { stackOf } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { useSay } from '@/ui/useSay'
import { Heading, Text } from '@/ui/Text'
import { layerDetail, layerName, needleText, stackTitle } from '@/words/stackWords'

type Props = { option: RecipeOption; write: (mm: number) => string; onTake: () => void }

/** Another way to build the stack, with what is different and the habit it belongs to. */
export function RecipeChoice({ option, write, onTake }: Props) {
  const p = usePalette()
  const say = useSay()
  const why = option.because.find((b) => b.rule.startsWith('back.'))
  const stack = stackOf(option)
  return (
    <View
      style={{
        backgroundColor: p.paper,
        borderWidth: 1,
        borderColor: p.seam,
        borderRadius: 4,
        padding: 14,
        gap: 6,
        marginTop: 4,
      }}
    >
      <Heading level={3}>{stackTitle(stack)}</Heading>
      {stack.layers
        .filter((l) => l.role !== 'cloth')
        .map((l, i) => (
          <Text key={i} style={{ fontSize: 16 }}>{`${layerName(l.kind)}: ${layerDetail(l, write)}`}</Text>
        ))}
      <Text style={{ fontSize: 16 }}>{t('needle-2', { needle: needleText(stack.needle) })}</Text>
      {why ? <Text soft>{say(why.said)}</Text> : null}
      <Button type="outline" title={t('use-these')} onPress={onTake} />
    </View>
  )
}
