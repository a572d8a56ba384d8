import { Button } from '@rneui/themed'
import type { HoopChoice } from '@thimble/core/hooping'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Words } from '@/ui/Words'
import { HoldingChoices } from './HoldingChoices'
import { HoopRow } from './HoopRow'
import { RingRoom } from './RingRoom'
import { RowHoopings } from './RowHoopings'
import { SlackBoxes } from './SlackBoxes'
import { StackMisfits } from './StackMisfits'
import { RadioGroup } from '@/ui/RadioGroup'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { type PieceTools, useHoopPlan } from './usePiece'

/** Hoop: which hoops take it and with how much slack, and how the piece is held. */
export function HoopStage({ tools, onDone }: StageProps) {
  const { ranked, chosen, hoop, advice, method } = useHoopPlan(tools)
  const bare = tools.shelf.hoops.length === 0
  const fitting = ranked.some((c) => c.fits)
  return (
    <>
      <ChosenHoop tools={tools} />
      <Section title={chosen ? 'Hoops on the shelf' : undefined}>
        <HoopShelf tools={tools} ranked={ranked} chosen={chosen?.hoop ?? null} />
      </Section>
      <Section title="How to hold it">
        <HoldingChoices
          advice={advice}
          method={method}
          picked={tools.piece.hoop.holding}
          onChange={(holding) => tools.set({ hoop: { holding } })}
        />
        <StackMisfits tools={tools} />
      </Section>
      <Section>
        <Words soft>
          Lower ring inside the garment, its bracket toward the carriage. Inner ring the right way round. Finger-tight;
          if it will not close, loosen the screw.
        </Words>
      </Section>
      <ThumbBar>
        {!chosen?.fits && !bare ? (
          <Words soft>{fitting ? 'Pick one of the hoops that take it first.' : 'No hoop takes it as it is.'}</Words>
        ) : null}
        {bare ? (
          <StageButton title="Go on without a hoop" onPress={onDone} />
        ) : (
          <StageButton
            title={chosen ? `Keep this hooping: ${hoop?.name}` : 'Keep this hooping'}
            disabled={!chosen?.fits}
            onPress={onDone}
          />
        )}
      </ThumbBar>
    </>
  )
}

function titleOf(chosen: HoopChoice | null, fitting: boolean): string {
  if (chosen) return chosen.fits ? 'It fits' : 'It does not fit'
  return fitting ? 'Choose a hoop' : 'No hoop takes it'
}

/** What the hoop that is picked comes to, or what to pick by. */
function ChosenHoop({ tools }: { tools: PieceTools }) {
  const { plan, marked, shelf } = tools
  const { ranked, chosen } = useHoopPlan(tools)
  const fitting = ranked.some((c) => c.fits)
  const corners = plan.rule.arrange === 'corners' && (marked.placed?.copies.length ?? 0) > 1
  const says = marked.placed?.row
    ? 'The one that takes the row in the fewest hoopings comes first.'
    : 'The one that suits best comes first: room to spare, then the least backing.'
  return (
    <Section title={titleOf(chosen, fitting)} says={chosen || !fitting ? undefined : says}>
      {chosen ? <HowItFits tools={tools} choice={chosen} /> : null}
      {corners ? (
        <Words>Hoop each corner the same way, turning the piece a quarter turn from one to the next.</Words>
      ) : null}
      {shelf.hoops.length > 0 && !fitting ? <NoHoop tools={tools} ranked={ranked} /> : null}
      {shelf.hoops.length === 0 ? <NoShelf /> : null}
    </Section>
  )
}

function HowItFits({ tools, choice }: { tools: PieceTools; choice: HoopChoice }) {
  return (
    <>
      <SlackBoxes choice={choice} write={tools.plan.writeRoom} />
      {choice.reasons.map((r) => (
        <AdviceBar key={r.code + r.text} advice={r} />
      ))}
      {choice.fits ? <RingRoom tools={tools} choice={choice} /> : null}
      {choice.fits ? <RowHoopings tools={tools} /> : null}
    </>
  )
}

type ShelfProps = { tools: PieceTools; ranked: HoopChoice[]; chosen: string | null }

/** The hoops that take it, and behind one line those that do not. */
function HoopShelf({ tools, ranked, chosen }: ShelfProps) {
  const { shelf } = tools
  const [all, setAll] = useState(false)
  const fitting = ranked.filter((c) => c.fits)
  const refused = ranked.filter((c) => !c.fits)
  const open = all || fitting.length === 0
  const drawn = shelf.hoops.filter((h) => open || fitting.some((c) => c.hoop === h.id))
  const largest = Math.max(120, ...drawn.map((h) => Math.max(h.outside.width, h.outside.height)))
  const row = (choice: HoopChoice) => {
    const hoop = shelf.hoops.find((h) => h.id === choice.hoop)
    const on = choice.hoop === chosen
    return hoop ? <HoopRow key={choice.hoop} {...{ choice, hoop, on, tools, largest }} /> : null
  }
  return (
    <>
      <RadioGroup label="Hoops on the shelf">{fitting.map(row)}</RadioGroup>
      {refused.length > 0 ? (
        <>
          <Pressable
            role="button"
            aria-expanded={open}
            onPress={() => setAll(!all)}
            style={{ minHeight: 44, justifyContent: 'center' }}
          >
            <Words tone="indigo" bold>{`${refused.length} will not do here: ${open ? 'why' : 'see why'}`}</Words>
          </Pressable>
          {open ? <View>{refused.map(row)}</View> : null}
        </>
      ) : null}
    </>
  )
}

function NoHoop({ tools: { plan, marked }, ranked }: { tools: PieceTools; ranked: HoopChoice[] }) {
  const least = Math.min(...ranked.map((c) => -c.fit.clearance))
  const tooLarge = ranked.every((c) => !c.fit.fits)
  const { width, height } = marked.design
  const text = tooLarge
    ? `The design is too large for every hoop: ${plan.write(width)} by ${plan.write(height)}, over by ${plan.write(Math.max(1, least))} at the least. Take a smaller design, split it, or put a larger hoop in the stash.`
    : 'Some fields are large enough, but their rings cannot go there. Float the piece, or take a smaller design.'
  return <AdviceBar advice={{ code: 'no-hoop', text, severity: 'stop' }} />
}

function NoShelf() {
  const router = useRouter()
  return (
    <>
      <Words>
        There is no hoop in the stash yet: put yours in, as measured, and you come back here with it tried. Or go on
        without one.
      </Words>
      <Button type="outline" title="Put in a hoop" onPress={() => router.push('/stash/hoop/new')} />
    </>
  )
}
