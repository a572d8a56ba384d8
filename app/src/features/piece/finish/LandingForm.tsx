import type { Landing } from '@thimble/contract'
import { type LandingTape, landingProblems, landingTapes, landingTyped, putLanding } from '@thimble/plan/record'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { LengthField } from '@/ui/LengthField'
import { LimitedField } from '@/ui/LimitedField'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

type Put = (change: Partial<{ [Key in keyof Landing]: object | string }>) => void
type Props = { tools: PieceTools; hooping: number; of: number }

/** Where one hooping came out: by the tape from the lines it was marked by, or how far off the dots. */
export function LandingForm({ tools, hooping, of }: Props) {
  const { piece, set } = tools
  const typed = landingTyped(piece, hooping)
  const problems = landingProblems(typed)
  const tapes = hooping === 0 ? landingTapes(piece) : []
  const put: Put = (change) => set({ finish: putLanding(piece, hooping, change) })
  const slot = String(hooping)
  const byTape = typed.landedBy === 'tape' && tapes.length > 0
  return (
    <Section
      title={of > 1 ? `Where hooping ${hooping + 1} landed` : 'Where it landed'}
      says={
        byTape
          ? 'Lay the tape as when you marked it, to the same edge of the stitches.'
          : 'From the centre of the marks to the centre of the stitches, seen from where you stand.'
      }
    >
      {tapes.length > 0 ? (
        <Choices
          label="Measured"
          choices={[
            { id: 'dots', name: 'Off the dots' },
            { id: 'tape', name: 'By the tape' },
          ]}
          value={typed.landedBy}
          onChange={(landedBy) => put({ landedBy })}
        />
      ) : null}
      <View style={{ gap: 8 }}>
        {byTape ? (
          <ByTape {...{ slot, tools, tapes, typed, problems, put }} />
        ) : (
          <OffDots {...{ slot, tools, typed, problems, put }} />
        )}
        <Turned slot={slot} typed={typed} problem={problems.turned ?? null} put={put} />
      </View>
    </Section>
  )
}

/** `slot`: of which hooping. */
type Part = { slot: string; tools: PieceTools; typed: Landing; problems: ReturnType<typeof landingProblems>; put: Put }

function OffDots({ slot, tools: { plan, shelf }, typed, problems, put }: Part) {
  const { unit } = shelf.shop
  return (
    <>
      <LengthField
        label="Up or down"
        slot={slot}
        unit={unit}
        typed={typed.low}
        placeholder={plan.write(0)}
        problem={problems.low}
        onChange={(low) => put({ low })}
      />
      <Choices
        label="It came out"
        choices={[
          { id: 'low', name: 'Low' },
          { id: 'high', name: 'High' },
        ]}
        value={typed.low.way}
        onChange={(way) => put({ low: { way } })}
      />
      <LengthField
        label="To the side"
        slot={slot}
        unit={unit}
        typed={typed.side}
        placeholder={plan.write(0)}
        problem={problems.side}
        onChange={(side) => put({ side })}
      />
      <Choices
        label="It came out"
        choices={[
          { id: 'left', name: 'Left' },
          { id: 'right', name: 'Right' },
        ]}
        value={typed.side.way}
        onChange={(way) => put({ side: { way } })}
      />
    </>
  )
}

function ByTape({ tools: { plan, shelf }, tapes, typed, problems, put }: Part & { tapes: readonly LandingTape[] }) {
  return (
    <>
      {tapes.map(({ id, meant, level, way }) => (
        <LengthField
          key={id}
          label={`${wayText(way, level)}: ${plan.write(meant)} planned`}
          unit={shelf.shop.unit}
          typed={typed.tapes[id]}
          placeholder={plan.write(meant)}
          problem={problems[`tape.${id}`]}
          onChange={(one) => put({ tapes: { [id]: one } })}
        />
      ))}
    </>
  )
}

const wayText = ({ x, y }: LandingTape['way'], level: boolean): string =>
  level ? (x > 0 ? 'To your right' : 'To your left') : y > 0 ? 'Down' : 'Up'

function Turned({ slot, typed, problem, put }: Pick<Part, 'slot' | 'typed' | 'put'> & { problem: string | null }) {
  return (
    <>
      <LimitedField
        label="Turned by, in degrees"
        slot={slot}
        most={10}
        suffix="°"
        keyboard="numeric"
        value={typed.turned.text}
        problem={problem}
        onChange={(text) => put({ turned: { text } })}
      />
      {typed.turned.text ? (
        <Choices
          label="It turned"
          choices={[
            { id: 'clockwise', name: 'Clockwise' },
            { id: 'anticlockwise', name: 'Anticlockwise' },
          ]}
          value={typed.turned.way}
          onChange={(way) => put({ turned: { way } })}
        />
      ) : (
        <Text soft>Nothing, if it lies straight or nobody looked.</Text>
      )}
    </>
  )
}
