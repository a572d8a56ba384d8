import { finish as t } from '@thimble/language/en/finish'
import type { Landing } from '@thimble/contract'
import { type LandingTape, landingProblems, landingTapes, landingTyped, putLanding } from '@thimble/plan/record'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { LengthField } from '@/ui/LengthField'
import { LimitedField } from '@/ui/LimitedField'
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import type { PieceTools } from '../usePiece'

type Put = (change: Partial<{ [Key in keyof Landing]: object | string }>) => void
type Props = { tools: PieceTools; hooping: number; of: number }

/** Where one hooping came out: how far off its marks, or by the tape from the lines it was marked by. */
export function LandingForm({ tools, hooping, of }: Props) {
  const { piece, set } = tools
  const typed = landingTyped(piece, hooping)
  const problems = landingProblems(typed)
  const tapes = hooping === 0 ? landingTapes(piece) : []
  const put: Put = (change) => set({ finish: putLanding(piece, hooping, change) })
  const part: Part = { slot: String(hooping), tools, typed, problems, put }
  const byTape = typed.landedBy === 'tape' && tapes.length > 0
  const more = (
    <>
      {tapes.length > 0 ? (
        <Choices
          label={t('measured')}
          choices={[
            { id: 'dots', name: t('from-the-marks') },
            { id: 'tape', name: t('with-a-tape') },
          ]}
          value={typed.landedBy}
          onChange={(landedBy) => put({ landedBy })}
        />
      ) : null}
      {byTape ? <ByTape {...part} tapes={tapes} /> : null}
      <Turned {...part} problem={problems.turned ?? null} />
    </>
  )
  const off = byTape ? null : <OffMarks {...part} />
  if (of > 1)
    return (
      <Fold
        title={t('where-hooping-landed', { hooping: hooping + 1 })}
        answer={landingAnswer(typed)}
        wrong={Object.values(problems).some(Boolean)}
      >
        {off}
        {more}
      </Fold>
    )
  return (
    <>
      <Section says={byTape ? undefined : t('leave-blank-what-you-didnt')}>{off}</Section>
      <View style={{ height: 12 }} />
      <Fold
        title={t('turned-or-by-tape')}
        answer={byTape ? t('with-a-tape-2') : landingTurn(typed)}
        wrong={Object.entries(problems).some(([path, says]) => says && /^(turned|tape)/.test(path))}
      >
        {more}
      </Fold>
    </>
  )
}

const landingTurn = ({ turned }: Landing): string => (turned.text ? `${turned.text}° ${turned.way}` : t('straight'))
const landingAnswer = ({ low, side, turned, tapes }: Landing): string =>
  [low.text, side.text, turned.text, ...Object.values(tapes).map(({ text }) => text)].some(Boolean)
    ? t('measured-2')
    : t('not-measured')

/** `slot`: of which hooping. */
type Part = { slot: string; tools: PieceTools; typed: Landing; problems: ReturnType<typeof landingProblems>; put: Put }

function OffMarks({ slot, tools: { shelf }, typed, problems, put }: Part) {
  const { unit } = shelf.shop
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <LengthField
          half
          label={t('too-high-or-low')}
          slot={slot}
          unit={unit}
          typed={typed.low}
          problem={problems.low}
          onChange={(low) => put({ low })}
        />
        <LengthField
          half
          label={t('left-or-right')}
          slot={slot}
          unit={unit}
          typed={typed.side}
          problem={problems.side}
          onChange={(side) => put({ side })}
        />
      </View>
      {isOff(typed.low) ? (
        <Choices
          label={t('which-way')}
          choices={[
            { id: 'low', name: t('low') },
            { id: 'high', name: t('high') },
          ]}
          value={typed.low.way}
          onChange={(way) => put({ low: { way } })}
        />
      ) : null}
      {isOff(typed.side) ? (
        <Choices
          label={t('which-side')}
          choices={[
            { id: 'left', name: t('left') },
            { id: 'right', name: t('right') },
          ]}
          value={typed.side.way}
          onChange={(way) => put({ side: { way } })}
        />
      ) : null}
    </>
  )
}

/** What is straight lies neither way. */
const isOff = ({ text }: { text: string }): boolean => /[1-9]/.test(text)

function ByTape({ tools: { plan, shelf }, tapes, typed, problems, put }: Part & { tapes: readonly LandingTape[] }) {
  return (
    <>
      {tapes.map(({ id, meant, level, way }) => (
        <LengthField
          key={id}
          label={t('planned', { way: wayText(way, level), write: plan.write(meant) })}
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
  level ? (x > 0 ? t('to-your-right') : t('to-your-left')) : y > 0 ? t('down') : t('up')

function Turned({ slot, typed, problem, put }: Pick<Part, 'slot' | 'typed' | 'put'> & { problem: string | null }) {
  return (
    <>
      <LimitedField
        label={t('turned-by')}
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
          label={t('it-turned')}
          choices={[
            { id: 'clockwise', name: t('clockwise') },
            { id: 'anticlockwise', name: t('anticlockwise') },
          ]}
          value={typed.turned.way}
          onChange={(way) => put({ turned: { way } })}
        />
      ) : null}
    </>
  )
}
