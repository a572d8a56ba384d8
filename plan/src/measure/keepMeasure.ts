import type { MeasureDecision } from '@thimble/contract'
import { convexHull } from '@thimble/core/plane'
import { flatPoints } from '../flatPoints'
import type { MeasurePlan } from './planMeasure'

type Made = Pick<MeasureDecision, 'prepared' | 'markWith'>

/** The plan of this moment as it is decided: numbers and ids. Null while there is no place for the design. */
export function keepMeasure(
  { placement, design, measures }: MeasurePlan,
  at: string,
  made: Made = { prepared: [], markWith: null },
): MeasureDecision | null {
  if (!placement || design.missing) return null
  const { item, copies, row, marks, tapes, steps, placed } = placement
  const { hull, sketch, patches, smallLetterColours, assumed, missing, parts, ...known } = design
  return {
    at,
    measures,
    design: {
      ...known,
      hull: flatPoints(convexHull(hull)),
      parts: parts.map((part) => ({ name: part.name, hull: flatPoints(part.hull) })),
    },
    item: {
      outline: flatPoints(item.outline),
      details: item.details.map(({ kind, points, closed = false }) => ({ kind, points: flatPoints(points), closed })),
      zones: item.zones.map(({ outline, ...zone }) => ({ ...zone, outline: flatPoints(outline) })),
      tube: item.tube,
    },
    copies: copies.map(({ pose, name }) => ({ pose, name })),
    row: row && keepRow(row),
    marks,
    tapes,
    steps: steps.map(({ id, said, marks: made }) => ({ id, said, marks: [...made] })),
    placed,
    ...made,
  }
}

/** How a row falls into hoopings belongs to the hoop. */
function keepRow({
  hoopings,
  ...row
}: NonNullable<NonNullable<MeasurePlan['placement']>['row']>): MeasureDecision['row'] {
  return row
}
