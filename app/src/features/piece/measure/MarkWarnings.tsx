import { writeMessage } from '@thimble/language'
import { measure as t } from '@thimble/language/en/measure'
import { Button } from '@rneui/themed'
import { preparationCare } from '@thimble/core/marking'
import { markedWith, preparing } from '@thimble/plan'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import { type PieceTools, useBuildPlan } from '../usePiece'

/** Said at the field they are of, and beside the button that waits for it. */
const ELSEWHERE = /^(measures|distances|design|zones|row|placed)\b/
/** Said at the field they are of. */
const atField = ['wider-than-item', 'higher-than-item']

/** What is wrong with the marks as they would be, and what to heed; a problem of one field stands at that field. */
export function MarkWarnings({ tools }: { tools: PieceTools }) {
  const { plan, set } = tools
  const { placement, problems } = plan
  const loose = Object.entries(problems).filter(([path]) => !ELSEWHERE.test(path))
  const warnings =
    placement?.warnings.filter((w) => !w.code.startsWith('is-that-right') && !atField.includes(w.code)) ?? []
  return (
    <>
      {loose.map(([path, text]) => (
        <FieldProblem key={path} id={path}>
          {text}
        </FieldProblem>
      ))}
      {problems['anchors.down'] || problems['anchors.across'] ? (
        <Button
          type="outline"
          title={t('measure-from-the-usual-lines')}
          onPress={() => set({ measure: { anchors: { down: null, across: null } } })}
        />
      ) : null}
      {warnings
        .filter(({ severity }) => severity !== 'note')
        .map((w, i) => (
          <AdviceBar key={i} advice={w} />
        ))}
      <PrepareCare tools={tools} />
    </>
  )
}

/** What may hurt in making it ready and marking it: the steps themselves stand behind a line. */
function PrepareCare({ tools }: { tools: PieceTools }) {
  const { piece, plan } = tools
  const { basis } = useBuildPlan(tools)
  const steps = preparing(piece, basis, plan.placement).map(({ id }) => id)
  const text = preparationCare([...steps, markedWith(piece, basis).id])
    .map((said) => writeMessage(said, plan.style))
    .join(' ')
  return text ? <AdviceBar advice={{ code: 'prepare', text, severity: 'caution' }} /> : null
}

/** What is good to know of the marks, and nothing to heed. */
export const markNotes = ({ plan }: PieceTools) =>
  plan.placement?.warnings.filter((w) => w.severity === 'note' && !w.code.startsWith('is-that-right')) ?? []
