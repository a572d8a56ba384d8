import { measure as t } from '@thimble/language/en/measure'
import { RowDrawing } from '@/drawing/RowDrawing'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { LengthField } from '@/ui/LengthField'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import type { PlannedRow } from '@thimble/core/placement'
import { View } from 'react-native'
import { HoopingList } from '../hoop/RowHoopings'
import type { PieceTools } from '../usePiece'

const endChoices = [
  { id: 'half-gap', name: t('half-a-gap-at-each') },
  { id: 'flush', name: t('right-to-the-ends') },
  { id: 'margin', name: t('a-margin-at-each-end') },
] as const

/** The row: how many, or how far apart; the whole border drawn, and how it falls into hoopings. */
export function RowFold({ tools }: { tools: PieceTools }) {
  const { problems, placement } = tools.plan
  const row = placement?.row ?? null
  return (
    <Fold
      title={t('row')}
      answer={row ? t('apart', { count: row.count, write: tools.plan.write(row.gap) }) : t('check-the-numbers')}
      wrong={Object.keys(problems).some((path) => path.startsWith('row'))}
    >
      <RowQuestions tools={tools} row={row} />
      {row ? <RowAsLaid tools={tools} row={row} /> : null}
      {!row && problems.row ? <Text tone="madder">{problems.row}</Text> : null}
    </Fold>
  )
}

function RowQuestions({ tools: { piece, plan, shelf, set }, row }: { tools: PieceTools; row: PlannedRow | null }) {
  const { problems, write } = plan
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LimitedField
          half
          big
          label={t('how-many')}
          most={10}
          keyboard="numeric"
          value={piece.measure.row.count}
          placeholder={row ? String(row.count) : ''}
          problem={problems['row.count']}
          onChange={(count) => set({ measure: { row: { count } } })}
        />
        <LengthField
          half
          label={t('smallest-gap')}
          unit={shelf.shop.unit}
          typed={piece.measure.row.gap}
          placeholder={row ? write(row.usualGap) : ''}
          problem={problems['row.gap']}
          onChange={(gap) => set({ measure: { row: { gap } } })}
        />
      </View>
      <Text soft>{t('a-number-overrides-the-gap')}</Text>
      {row?.closed ? null : (
        <Choices
          label={t('at-the-ends')}
          choices={endChoices}
          value={row?.ends ?? 'half-gap'}
          onChange={(ends) => set({ measure: { row: { ends } } })}
        />
      )}
      {row?.ends === 'margin' ? (
        <LengthField
          label={t('margin-at-each-end')}
          unit={shelf.shop.unit}
          typed={piece.measure.row.margin}
          placeholder={write(0)}
          problem={problems['row.margin']}
          onChange={(margin) => set({ measure: { row: { margin } } })}
        />
      ) : null}
    </>
  )
}

/** The whole border drawn, and how it falls into hoopings. */
function RowAsLaid({ tools: { piece, plan, shelf }, row }: { tools: PieceTools; row: PlannedRow }) {
  const { write, design } = plan
  const hoop = shelf.hoops.find((h) => h.id === piece.hoop.hoopId)
  return (
    <>
      <RowDrawing row={row} motifHeight={design.height} unit={shelf.shop.unit} cloth={piece.build.cloth.colour} />
      <Text bold>
        {t('one-motif-free-on-either', {
          count: row.count,
          gap: write(row.gap),
          which: row.closed ? t('all-round') : '',
        })}
      </Text>
      {row.hoopings ? (
        <HoopingList groups={row.hoopings} closed={row.closed} write={write} />
      ) : (
        <Text soft>{hoop ? t('is-too-small-for-one', { name: hoop.name }) : t('choose-a-hoop-in-hoop')}</Text>
      )}
    </>
  )
}
