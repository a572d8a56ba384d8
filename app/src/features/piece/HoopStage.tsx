import { Button } from '@rneui/themed'
import type { Hoop } from '@thimble/contract'
import type { HoopChoice } from '@thimble/core/hooping/rankHoops'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { usePalette } from '@/theme/PaletteProvider'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Heading, Words } from '@/ui/Words'
import { HoldingChoices } from './HoldingChoices'
import { RingRoom } from './RingRoom'
import { SlackBoxes } from './SlackBoxes'
import type { StageProps } from './StageProps'
import { type PieceTools, useHoopPlan } from './usePiece'

/** Hoop: which hoops take it and with how much slack, and how the piece is held. */
export function HoopStage({ tools, onDone }: StageProps) {
  const { piece, plan, shelf, set } = tools
  const { ranked, chosen, holding } = useHoopPlan(tools)
  const [all, setAll] = useState(false)
  const fitting = ranked.filter((c) => c.fits)
  const refused = ranked.filter((c) => !c.fits)
  const drawn = shelf.hoops.filter((h) => all || fitting.length === 0 || fitting.some((c) => c.hoop === h.id))
  const largest = Math.max(120, ...drawn.map((h) => Math.max(h.outside.width, h.outside.height)))
  const row = (choice: HoopChoice) => (
    <HoopRow
      key={choice.hoop}
      choice={choice}
      hoop={shelf.hoops.find((h) => h.id === choice.hoop)!}
      tools={tools}
      largest={largest}
      onPick={() => set({ hoopId: choice.hoop, hoopTurn: choice.rotation })}
    />
  )
  const done = (): void => {
    if (!piece.holding) set({ holding: holding.method, holdingWhy: holding.because[0]?.text ?? '' })
    onDone()
  }
  return (
    <>
      <Section
        title={
          chosen
            ? chosen.fits
              ? 'It fits'
              : 'It does not fit'
            : fitting.length > 0
              ? 'Choose a hoop'
              : 'No hoop on the shelf takes it'
        }
        says={
          chosen || fitting.length === 0
            ? undefined
            : plan.placement?.row
              ? 'The one that takes the row in the fewest hoopings comes first.'
              : 'The one that suits best comes first: room to spare, then the least backing.'
        }
      >
        {chosen ? <SlackBoxes choice={chosen} write={plan.writeRoom} /> : null}
        {chosen?.reasons.map((r) => (
          <AdviceBar key={r.code + r.text} advice={r} />
        ))}
        {chosen && chosen.fits ? <RingRoom tools={tools} choice={chosen} /> : null}
        {plan.rule.arrange === 'corners' && (plan.placement?.copies.length ?? 0) > 1 ? (
          <Words>Hoop each corner the same way, turning the piece a quarter turn from one to the next.</Words>
        ) : null}
        {shelf.hoops.length > 0 && fitting.length === 0 ? <NoHoop tools={tools} ranked={ranked} /> : null}
        {shelf.hoops.length === 0 ? <NoShelf /> : null}
      </Section>
      <Section title={chosen ? 'Hoops on the shelf' : undefined}>
        <View role="radiogroup" aria-label="Hoops on the shelf">
          {fitting.map(row)}
        </View>
        {refused.length > 0 ? (
          <>
            <Pressable
              role="button"
              aria-expanded={all || fitting.length === 0}
              onPress={() => setAll(!all)}
              style={{ minHeight: 44, justifyContent: 'center' }}
            >
              <Words
                tone="indigo"
                bold
              >{`${refused.length} will not do here: ${all || fitting.length === 0 ? 'why' : 'see why'}`}</Words>
            </Pressable>
            {all || fitting.length === 0 ? <View>{refused.map(row)}</View> : null}
          </>
        ) : null}
      </Section>
      <Section title="How to hold it">
        <HoldingChoices
          holding={holding}
          value={piece.holding}
          onChange={(method, why) => set({ holding: method, holdingWhy: why })}
        />
      </Section>
      <Section>
        <Words soft>
          Lower ring inside the garment, its bracket toward the carriage. Inner ring the right way round. Finger-tight;
          if it will not close, loosen the screw.
        </Words>
      </Section>
      <ThumbBar>
        {!chosen?.fits ? (
          <Words soft>
            {fitting.length > 0 ? 'Pick one of the hoops that take it first.' : 'No hoop takes it as it is.'}
          </Words>
        ) : null}
        <Button title="Keep this hooping" disabled={!chosen?.fits} onPress={done} />
      </ThumbBar>
    </>
  )
}

function HoopRow({
  choice,
  hoop,
  tools: { piece, plan },
  largest,
  onPick,
}: {
  choice: HoopChoice
  hoop: Hoop
  tools: PieceTools
  largest: number
  onPick: () => void
}) {
  const p = usePalette()
  const on = piece.hoopId === hoop.id
  const { slack } = choice.fit
  const says = choice.fits
    ? `${Math.min(slack.left, slack.right, slack.up, slack.down) < 5 ? 'Tight. ' : ''}Slack ${plan.writeRoom(Math.min(slack.left, slack.right))} to the sides, ${plan.writeRoom(Math.min(slack.up, slack.down))} up and down`
    : (choice.reasons.find((r) => r.severity === 'stop')?.text ?? '')
  return (
    <Pressable
      role="radio"
      aria-checked={on}
      aria-label={`${hoop.name}. ${says}`}
      onPress={onPick}
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
        sketch={
          choice.hoopings > 1 || !plan.design.sketch
            ? null
            : { blocks: plan.design.sketch, colours: plan.design.colours }
        }
        cloth={piece.cloth.colour}
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

function NoHoop({ tools: { plan }, ranked }: { tools: PieceTools; ranked: HoopChoice[] }) {
  const least = Math.min(...ranked.map((c) => -c.fit.clearance))
  const tooLarge = ranked.every((c) => !c.fit.fits)
  const text = tooLarge
    ? `The design is too large for every hoop: ${plan.write(plan.design.width)} by ${plan.write(plan.design.height)}, over by ${plan.write(Math.max(1, least))} at the least. Take a smaller design, split it, or put a larger hoop in the stash.`
    : 'Some fields are large enough, but their rings cannot go there. Float the piece, or take a smaller design.'
  return <AdviceBar advice={{ code: 'no-hoop', text, severity: 'stop' }} />
}

function NoShelf() {
  const router = useRouter()
  return (
    <>
      <Words>There is no hoop in the stash yet: put yours in, as measured, and it is tried here.</Words>
      <Button type="outline" title="To the stash" onPress={() => router.push('/stash')} />
    </>
  )
}
