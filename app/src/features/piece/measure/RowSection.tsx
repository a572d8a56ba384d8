import { RowDrawing } from '@/drawing/RowDrawing'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { LengthField } from '@/ui/LengthField'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { View } from 'react-native'
import type { PieceTools } from '../usePiece'

const endChoices = [
  { id: 'half-gap', name: 'Half a gap at each end' },
  { id: 'flush', name: 'Out to the ends' },
  { id: 'margin', name: 'A margin at each end' },
] as const

/** The row: how many, or how far apart; the whole border drawn, and how it falls into hoopings. */
export function RowSection({ tools: { piece, plan, shelf, set } }: { tools: PieceTools }) {
  const { placement, problems, write, design } = plan
  const row = placement?.row ?? null
  const hoop = shelf.hoops.find((h) => h.id === piece.hoopId)
  return (
    <Section title="The row">
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Field
          half
          big
          label="How many"
          keyboard="numeric"
          value={piece.row.count}
          placeholder={row ? String(row.count) : ''}
          problem={problems['row.count']}
          onChange={(count) => set({ row: { count: count.slice(0, 10) } })}
        />
        <LengthField
          half
          label="Gap at least"
          unit={shelf.shop.unit}
          typed={piece.row.gap}
          placeholder={row ? write(row.usualGap) : ''}
          problem={problems['row.gap']}
          onChange={(gap) => set({ row: { gap } })}
        />
      </View>
      <Words soft>How many wins over the gap; leave it empty and as many go in as the gap allows.</Words>
      {row?.closed ? null : (
        <Choices
          label="At the ends"
          choices={endChoices}
          value={row?.ends ?? 'half-gap'}
          onChange={(ends) => set({ row: { ends } })}
        />
      )}
      {row?.ends === 'margin' ? (
        <LengthField
          label="Margin at each end"
          unit={shelf.shop.unit}
          typed={piece.row.margin}
          placeholder={write(0)}
          problem={problems['row.margin']}
          onChange={(margin) => set({ row: { margin } })}
        />
      ) : null}
      {row ? (
        <>
          <RowDrawing row={row} motifHeight={design.height} unit={shelf.shop.unit} cloth={piece.cloth.colour} />
          <Words bold>
            {row.count === 1
              ? `One motif, ${write(row.gap)} free on either side.`
              : `${row.count} motifs, ${write(row.gap)} between them${row.closed ? ', all round' : ''}.`}
          </Words>
          {row.hoopings ? (
            row.hoopings.map((h, i) => (
              <Words key={i} soft>
                {`Hooping ${i + 1}: ${h.from === h.to ? `motif ${h.from + 1}` : `motifs ${h.from + 1} to ${h.to + 1}`}, the hoop’s centre ${middleWords(h.centre, write, row.closed)}.`}
              </Words>
            ))
          ) : (
            <Words soft>
              {hoop
                ? `${hoop.name} does not take one motif; choose another at Hoop.`
                : 'Choose a hoop at Hoop, and the row is split into hoopings here.'}
            </Words>
          )}
        </>
      ) : problems.row ? (
        <Words tone="madder">{problems.row}</Words>
      ) : null}
    </Section>
  )
}

function middleWords(x: number, write: (mm: number) => string, closed: boolean): string {
  const middle = closed ? 'centre front' : 'the middle'
  if (Math.abs(x) < 0.5) return `at ${middle}`
  return `${write(Math.abs(x))} ${x < 0 ? 'left' : 'right'} of ${middle}`
}
