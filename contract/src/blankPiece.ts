import type { Piece } from './piece'

type Start = Pick<Piece, 'id' | 'name' | 'createdAt' | 'itemKind' | 'size' | 'placement'> & {
  family: Piece['cloth']['family']
  unit: 'mm' | 'cm' | 'in'
}

/** A new piece with nothing measured, decided or done. */
export function blankPiece({ family, unit, ...start }: Start): Piece {
  const nothing = () => ({ text: '', unit })
  return {
    ...start,
    updatedAt: start.createdAt,
    customer: '',
    run: '',
    due: null,
    note: '',
    itemId: null,
    customItem: null,
    measures: {},
    distances: {},
    choices: {},
    anchors: { down: null, across: null },
    zones: [],
    row: { count: '', gap: nothing(), ends: '', margin: nothing() },
    markWith: null,
    carried: null,
    designId: null,
    ownDesign: { width: nothing(), height: nothing(), load: 'light', kind: 'fill', colour: '#2c4a7a' },
    marked: {},
    cloth: { family, stretch: '', colour: '#e8e2d4' },
    use: { nextToSkin: false, infant: false, heirloom: false, backSeen: false, laundering: 'sometimes' },
    thread: { weight: 40, fibre: 'polyester' },
    stack: null,
    hoopId: null,
    hoopTurn: 0,
    holding: null,
    holdingWhy: '',
    checks: {},
    finishing: {},
    record: {
      low: { ...nothing(), way: 'low' },
      side: { ...nothing(), way: 'left' },
      faults: [],
      verdict: null,
      minutes: '',
      note: '',
      nextTime: '',
      stack: null,
      hoopName: '',
    },
    measuredAt: null,
    builtAt: null,
    hoopedAt: null,
    stitchedAt: null,
    finishedAt: null,
  }
}
