import { many } from '@thimble/language/en/counts'
import { designs as t } from '@thimble/language/en/designs'
import { hullOf } from '@thimble/plan'
import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import { formatLength } from '@thimble/core/lengths'
import { ChangeFields } from '@/shared/changing'
import { editDesign, undoEdits } from '@/shared/editDesign'
import { useDocuments } from '@/state/store'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { useDocs } from '@/state/useShelfDocs'

/** Size, turn and mirror, worked out from the design as it was read, so that nothing adds up unseen. */
export function ChangeSection({ design }: { design: DesignCard }) {
  const style = useDocuments((s) => s.shop)
  const users = useDocs('pieces').filter(
    (piece) => piece.measure.designId === design.id && piece.measure.kept.length === 0,
  )
  const { change, order, source, width, height } = design
  const asRead = change.scale === 1 && change.rotate === 0 && change.mirror === 'none' && order === null
  const { busy, problem, run } = useTask()
  return (
    <Section title={t('size-and-rotation')}>
      <Text>
        {t('wide-high-of-its-original', {
          formatLength: formatLength(width, style),
          formatLength2: formatLength(height, style),
          round: Math.round(change.scale * 100),
        })}
      </Text>
      <ChangeFields
        design={{ source, width, hull: hullOf(design) }}
        change={change}
        busy={busy}
        onChange={(over) => void run(() => editDesign(design, { change: { ...change, ...over } }))}
      />
      {problem ? <FieldProblem id="change">{problem}</FieldProblem> : null}
      {users.length > 0 ? (
        <Text soft>{t('on-the-bench-uses-this', { users: users.length, many: many(users.length, 'piece') })}</Text>
      ) : null}
      {asRead ? null : (
        <Button
          type="outline"
          title={t('undo-all-changes')}
          disabled={busy}
          onPress={() => void run(() => undoEdits(design))}
        />
      )}
    </Section>
  )
}
