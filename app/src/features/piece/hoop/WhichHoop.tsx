import { hoop as t } from '@thimble/language/en/hoop'
import type { LengthStyle } from '@thimble/core/lengths'
import { message } from '@thimble/core/messages'
import { writeMessage } from '@thimble/language'
import type { Hoop } from '@thimble/contract'
import { type HoopOffer, hoopingAtHand } from '@thimble/plan'
import { InHoop } from '@/drawing/InHoop'
import { AdviceBar } from '@/ui/AdviceBar'
import { Fold } from '@/ui/Fold'
import { useSay } from '@/ui/useSay'
import { useWide } from '@/ui/useMedia'
import { Text } from '@/ui/Text'
import { PieceDrawing } from '../PieceDrawing'
import { AsLastTime } from '../AsLastTime'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { PartToMove } from './MovedParts'
import { PartHoopings } from './PartHoopings'
import { HoopTouches, RingRoom } from './RingRoom'

type Props = { tools: PieceTools; choice: HoopOffer; hoop: Hoop }

/** The hoop that is picked, with the design in it true to scale, and what there is to say of it. */
export function WhichHoop({ tools, choice, hoop }: Props) {
  const { piece, plan, marked } = tools
  const wide = useWide()
  const say = useSay()
  const at = hoopingAtHand(piece, useHoopPlan(tools), marked)
  const { sketch, colours } = marked.design
  const alone = at && at.copies.from === at.copies.to
  return (
    <>
      <InHoop
        hoop={hoop}
        pose={choice.pose}
        hull={at?.hull ?? marked.design.hull}
        fits={choice.fit.fits}
        slack={choice.fit.slack}
        reach={choice.fit.reach}
        cloth={piece.build.cloth.colour}
        sketch={sketch && alone ? { blocks: sketch, colours } : null}
        height={wide ? 340 : 230}
        write={plan.writeRoom}
        says={t('the-design-in-to-scale', { name: hoop.name, slack: slackWords(choice, plan.style) })}
      />
      <AsLastTime tools={tools} what="hoop" />
      {choice.reasons.map((r, i) =>
        r.severity === 'note' ? (
          <Text soft key={i}>
            {say(r.said)}
          </Text>
        ) : (
          <AdviceBar key={i} advice={r} />
        ),
      )}
      {choice.fits ? <HoopTouches tools={tools} choice={choice} /> : null}
      {choice.fits ? <PartHoopings tools={tools} parts={choice.parts} /> : null}
      {choice.fits && choice.parts ? <PartToMove tools={tools} /> : null}
    </>
  )
}

/** The hoop where it lies on the piece, and how near it comes to pockets, zips and seams. */
export function OnPiece({ tools, choice }: Pick<Props, 'tools' | 'choice'>) {
  const wide = useWide()
  return (
    <Fold title={t('the-hoop-on-the-piece')} answer={t('see-it')}>
      <RingRoom tools={tools} choice={choice} />
      {wide ? null : <PieceDrawing id={tools.piece.id} stage="hoop" highlighted={null} height={330} />}
      <Text soft>{t('the-yellow-area-is-where')}</Text>
    </Fold>
  )
}

/** The room each way in a sentence, or what is against it. */
export function slackWords({ fits, fit, reasons }: HoopOffer, style: LengthStyle): string {
  const stops = reasons.find((r) => r.severity === 'stop')
  if (!fits) return stops ? writeMessage(stops.said, style) : ''
  const { left, right, up, down } = fit.slack
  const tight = Math.min(left, right, up, down) < 5
  const fills = { left, right, up, down }
  return writeMessage(message(tight ? 'hoop.tight-each-way' : 'hoop.room-each-way', fills), style)
}
