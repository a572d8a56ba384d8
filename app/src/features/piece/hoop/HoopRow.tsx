import { holdingNames } from '@thimble/language'
import { hoop as t } from '@thimble/language/en/hoop'
import type { Hoop } from '@thimble/contract'
import type { HoopOffer } from '@thimble/plan'
import { Pressable, View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { usePalette } from '@/theme/PaletteProvider'
import { radio } from '@/ui/RadioGroup'
import { Heading, Text } from '@/ui/Text'
import { turnWords } from '@/words/turnWords'
import type { PieceTools } from '../usePiece'
import { slackWords } from './WhichHoop'

type Props = { choice: HoopOffer; hoop: Hoop; on: boolean; tools: PieceTools; largest: number }

/** One hoop of the shelf, drawn true to scale with the design in its field. */
export function HoopRow({ choice, hoop, on, tools: { piece, plan, marked, set }, largest }: Props) {
  const p = usePalette()
  const { sketch, colours } = marked.design
  const { method } = choice
  return (
    <Pressable
      {...radio(on)}
      onPress={() => set({ hoop: { hoopId: choice.hoop, scale: 1, group: 0 } })}
      style={{
        flexDirection: 'row',
        gap: 14,
        alignItems: 'center',
        borderTopWidth: 1,
        borderTopColor: p.seam,
        paddingVertical: 10,
        backgroundColor: on ? p.paper : 'transparent',
      }}
    >
      <HoopDrawing
        hoop={hoop}
        choice={choice}
        design={choice.size}
        sketch={choice.hoopings > 1 || !sketch ? null : { blocks: sketch, colours }}
        cloth={piece.build.cloth.colour}
        size={124}
        largest={largest}
      />
      <View style={{ flex: 1, minWidth: 0 }}>
        <Heading level={3}>{hoop.name}</Heading>
        <Text style={{ fontSize: 16 }} tone={choice.fits ? undefined : 'madder'}>
          {slackWords(choice, plan.style)}
        </Text>
        {choice.fits ? <Text soft>{holdingNames[method]}</Text> : null}
        {choice.hoopings > 1 && choice.fits ? <Text bold>{t('hoopings', { hoopings: choice.hoopings })}</Text> : null}
        {choice.rotation !== 0 && choice.fits ? (
          <Text soft>{t('design-turned', { turn: turnWords(choice.rotation) })}</Text>
        ) : null}
        {on ? (
          <Text bold tone="indigo">
            {t('chosen')}
          </Text>
        ) : null}
      </View>
    </Pressable>
  )
}
