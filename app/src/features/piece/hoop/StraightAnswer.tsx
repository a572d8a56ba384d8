import type { StraightCheck } from '@thimble/plan'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'
import { AddedLine } from './AddedLine'
import { MoveBoxes } from './MoveBoxes'
import { Remedies } from './Remedies'
import { writePlace } from './writePlace'

type Props = { tools: PieceTools; check: StraightCheck }

/** What the marks say: the turn and the move to dial, what is left then, or how to hoop it again. */
export function StraightAnswer({ tools, check }: Props) {
  const { correction, move, warnings, problem, sought } = check
  const doubtful = warnings.some((w) => w.severity === 'stop')
  if (problem)
    return (
      <Section title="These can’t be right">
        <AdviceBar advice={{ code: 'problem', text: problem, severity: 'stop' }} />
      </Section>
    )
  if (!correction || !move) return <StillToTell found={sought.filter((one) => one.landed).length} all={sought.length} />
  return (
    <Section title={titleOf(check, doubtful)} says={howItLies(check, tools.plan.write)}>
      {doubtful ? null : correction.fitsExact ? (
        <Dial {...{ tools, check }} />
      ) : (
        <Remedies tools={tools} check={check} />
      )}
      {warnings.map((w) => (
        <AdviceBar key={w.code} advice={w} />
      ))}
    </Section>
  )
}

const StillToTell = ({ found, all }: { found: number; all: number }) => (
  <Section title="Where did the marks land?">
    <Text>
      {found === 0
        ? `Drag ${all > 2 ? 'two or more of the marks' : 'both marks'} to where they lie on the hoop’s grid, or type the numbers.`
        : 'Place one more mark to see the angle.'}
    </Text>
  </Section>
)

function titleOf({ correction, warnings }: StraightCheck, doubtful: boolean): string {
  if (doubtful) return 'Check again'
  if (!correction!.fitsExact) return 'It doesn’t fit like this'
  return warnings.some((w) => w.code === 'past-its-turn') ? 'It can’t turn that far' : 'You can dial it straight'
}

/** How it was hooped, in words: askew by so much, the cross there. */
function howItLies({ at, correction }: StraightCheck, write: (mm: number) => string): string {
  const { exact } = correction!
  const askew = ((((exact.rotation - at.pose.rotation + 180) % 360) + 360) % 360) - 180
  const turned =
    Math.abs(askew) < 0.05
      ? 'Hooped straight'
      : `Hooped ${Math.abs(askew).toFixed(1)}° ${askew > 0 ? 'clockwise' : 'anticlockwise'}`
  const off = writePlace({ x: exact.x - at.pose.x, y: exact.y - at.pose.y }, write)
  return `${turned}, ${off === 'on the notches' ? 'on the mark' : `${off} of the mark`}.`
}

function Dial({ tools, check }: Props) {
  const { move, fits, slack } = check
  const { writeRoom } = tools.plan
  const room = Math.min(slack.left, slack.right, slack.up, slack.down)
  return (
    <>
      <Text soft>Dial in at the machine</Text>
      <MoveBoxes move={move!} />
      <AddedLine added={check.at.added} />
      {tools.piece.hoop.scale < 1 ? (
        <Text bold>{`Design made ${Math.floor(tools.piece.hoop.scale * 1000) / 10} % of its size`}</Text>
      ) : null}
      <AdviceBar
        advice={{
          code: 'after',
          severity: fits ? 'note' : 'caution',
          text: fits
            ? `Fits after that, ${writeRoom(room)} to spare. Remaining error: ${move!.left.toFixed(1)} mm at the worst corner.`
            : `In whole steps it just passes the field’s edge. Remaining error: ${move!.left.toFixed(1)} mm. Trace it before you start.`,
        }}
      />
    </>
  )
}
