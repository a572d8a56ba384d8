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
  { id: 'half-gap', name: 'Half a gap at each end' },
  { id: 'flush', name: 'Right to the ends' },
  { id: 'margin', name: 'A margin at each end' },
] as const

/** The row: how many, or how far apart; the whole border drawn, and how it falls into hoopings. */
export function RowFold({ tools }: { tools: PieceTools }) {
  const { problems, placement } = tools.plan
  const row = placement?.row ?? null
  return (
    <Fold
      title="Row"
      answer={row ? `${row.count}, ${tools.plan.write(row.gap)} apart` : 'check the numbers'}
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
          label="How many"
          most={10}
          keyboard="numeric"
          value={piece.measure.row.count}
          placeholder={row ? String(row.count) : ''}
          problem={problems['row.count']}
          onChange={(count) => set({ measure: { row: { count } } })}
        />
        <LengthField
          half
          label="Smallest gap"
          unit={shelf.shop.unit}
          typed={piece.measure.row.gap}
          placeholder={row ? write(row.usualGap) : ''}
          problem={problems['row.gap']}
          onChange={(gap) => set({ measure: { row: { gap } } })}
        />
      </View>
      <Text soft>A number overrides the gap. Leave it empty to fit as many as the gap allows.</Text>
      {row?.closed ? null : (
        <Choices
          label="At the ends"
          choices={endChoices}
          value={row?.ends ?? 'half-gap'}
          onChange={(ends) => set({ measure: { row: { ends } } })}
        />
      )}
      {row?.ends === 'margin' ? (
        <LengthField
          label="Margin at each end"
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
        {row.count === 1
          ? `One motif, ${write(row.gap)} free on either side.`
          : `${row.count} motifs, ${write(row.gap)} between them${row.closed ? ', all round' : ''}.`}
      </Text>
      {row.hoopings ? (
        <HoopingList groups={row.hoopings} closed={row.closed} write={write} />
      ) : (
        <Text soft>
          {hoop
            ? `${hoop.name} is too small for one motif. Choose another in Hoop.`
            : 'Choose a hoop in Hoop to see how the row splits into hoopings.'}
        </Text>
      )}
    </>
  )
}
