import { Button } from '@rneui/themed'
import { AdviceBar } from '@/ui/AdviceBar'
import { FieldProblem } from '@/ui/FieldProblem'
import type { PieceTools } from '../usePiece'

const FIELD_PATHS = /^(measures|distances|design|zones|row)\b/
/** Said at the field they are of. */
const atField = ['wider-than-item', 'higher-than-item']

/** What is wrong with the marks as they would be, and what to heed; a problem of one field stands at that field. */
export function MarkWarnings({ tools: { plan, set } }: { tools: PieceTools }) {
  const { placement, problems } = plan
  const loose = Object.entries(problems).filter(([path]) => !FIELD_PATHS.test(path))
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
          title="Measure from the usual lines"
          onPress={() => set({ measure: { anchors: { down: null, across: null } } })}
        />
      ) : null}
      {warnings
        .filter(({ severity }) => severity !== 'note')
        .map((w) => (
          <AdviceBar key={w.code + w.text} advice={w} />
        ))}
    </>
  )
}

/** What is good to know of the marks, and nothing to heed. */
export const markNotes = ({ plan }: PieceTools) =>
  plan.placement?.warnings.filter((w) => w.severity === 'note' && !w.code.startsWith('is-that-right')) ?? []
