import type { Hoop } from '@thimble/contract'
import type { HoopChoice } from '@thimble/core/hooping'
import { Pressable, View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { usePalette } from '@/theme/PaletteProvider'
import { radio } from '@/ui/RadioGroup'
import { Heading, Words } from '@/ui/Words'
import type { PieceTools } from './usePiece'

type Props = { choice: HoopChoice; hoop: Hoop; on: boolean; tools: PieceTools; largest: number }

function slackWords({ fits, fit, reasons }: HoopChoice, write: (mm: number) => string): string {
  if (!fits) return reasons.find((r) => r.severity === 'stop')?.text ?? ''
  const { left, right, up, down } = fit.slack
  const tight = Math.min(left, right, up, down) < 5 ? 'Tight. ' : ''
  return `${tight}Slack ${write(Math.min(left, right))} to the sides, ${write(Math.min(up, down))} up and down`
}

/** One hoop of the shelf, drawn true to scale with the design in its field. */
export function HoopRow({ choice, hoop, on, tools: { piece, plan, marked, set }, largest }: Props) {
  const p = usePalette()
  const says = slackWords(choice, plan.writeRoom)
  const { sketch, colours } = marked.design
  return (
    <Pressable
      {...radio(on)}
      onPress={() => set({ hoop: { hoopId: choice.hoop } })}
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
        <Words style={{ fontSize: 16 }} tone={choice.fits ? undefined : 'madder'}>
          {says}
        </Words>
        {choice.hoopings > 1 && choice.fits ? <Words bold>{`${choice.hoopings} hoopings`}</Words> : null}
        {choice.rotation !== 0 && choice.fits ? <Words soft>{`Design turned ${choice.rotation}°`}</Words> : null}
        {on ? (
          <Words bold tone="indigo">
            Chosen
          </Words>
        ) : null}
      </View>
    </Pressable>
  )
}
