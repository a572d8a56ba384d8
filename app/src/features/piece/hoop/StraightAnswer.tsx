import { hoop as t } from '@thimble/language/en/hoop'
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
      <Section title={t('these-cant-be-right')}>
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
  <Section title={t('where-did-the-marks-land')}>
    <Text>
      {found === 0
        ? t('drag-to-where-they-lie', { which: all > 2 ? t('two-or-more-of-the') : t('both-marks') })
        : t('place-one-more-mark-to')}
    </Text>
  </Section>
)

function titleOf({ correction, warnings }: StraightCheck, doubtful: boolean): string {
  if (doubtful) return t('check-again')
  if (!correction!.fitsExact) return t('it-doesnt-fit-like-this')
  return warnings.some((w) => w.code === 'past-its-turn') ? t('it-cant-turn-that-far') : t('you-can-dial-it-straight')
}

/** How it was hooped, in words: askew by so much, the cross there. */
function howItLies({ at, correction }: StraightCheck, write: (mm: number) => string): string {
  const { exact } = correction!
  const askew = ((((exact.rotation - at.pose.rotation + 180) % 360) + 360) % 360) - 180
  const turned =
    Math.abs(askew) < 0.05
      ? t('hooped-straight')
      : t('hooped', { abs: Math.abs(askew).toFixed(1), which: askew > 0 ? t('clockwise') : t('anticlockwise') })
  const off = writePlace({ x: exact.x - at.pose.x, y: exact.y - at.pose.y }, write)
  return `${turned}, ${off === t('on-the-notches') ? t('on-the-mark') : t('of-the-mark', { off })}.`
}

function Dial({ tools, check }: Props) {
  const { move, fits, slack } = check
  const { writeRoom } = tools.plan
  const room = Math.min(slack.left, slack.right, slack.up, slack.down)
  return (
    <>
      <Text soft>{t('dial-in-at-the-machine')}</Text>
      <MoveBoxes move={move!} />
      <AddedLine added={check.at.added} />
      {tools.piece.hoop.scale < 1 ? (
        <Text bold>{t('design-made-of-its-size', { floor: Math.floor(tools.piece.hoop.scale * 1000) / 10 })}</Text>
      ) : null}
      <AdviceBar
        advice={{
          code: 'after',
          severity: fits ? 'note' : 'caution',
          text: fits
            ? t('fits-after-that-to-spare', { writeRoom: writeRoom(room), left: move!.left.toFixed(1) })
            : t('in-whole-steps-it-just', { left: move!.left.toFixed(1) }),
        }}
      />
    </>
  )
}
