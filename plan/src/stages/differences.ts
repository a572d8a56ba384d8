import type {
  Basis,
  Difference,
  HoopDecision,
  MeasureDecision,
  RecordDecision,
  DecidedStack,
  Piece,
  StageId,
} from '@thimble/contract'
import { type Message, message } from '@thimble/core/messages'
import { stackNow } from '../stack/planBuild'
import { keepRecord } from '../finish/keepRecord'
import { beforeStart, keepList } from '../finish/lists'
import { keepHooping } from '../hoop/keepHooping'
import { keepMeasure } from '../measure/keepMeasure'
import type { PiecePlans } from './planPiece'

/** How something stands, by what it is about. */
type Standing = ReadonlyMap<string, Message>

/**
 * What would come out otherwise than it was decided, if a stage were decided again at this moment; empty where nothing
 * was decided or nothing would change.
 */
export function differencesOf(piece: Piece, stage: StageId, plans: PiecePlans): Difference[] {
  const standing = standings(piece, plans)[stage]
  const [was, now] = [standing.kept(), standing.today()]
  if (!was || !now) return []
  const abouts = [...new Set([...was.keys(), ...now.keys()])]
  const found = abouts.flatMap((about) => {
    const [before, after] = [was.get(about) ?? null, now.get(about) ?? null]
    return JSON.stringify(before) === JSON.stringify(after) ? [] : [{ about, was: before, now: after }]
  })
  // Where the whole lies elsewhere, or is another design, every step differs and none says more.
  const whole = found.filter(({ about }) => about === 'placed' || about === 'design')
  return whole.length > 0 ? whole : found
}

/** Differences the worker has not answered yet; while the stage is open again, all of them. */
export function openDifferences(piece: Piece, stage: StageId, plans: PiecePlans): Difference[] {
  const found = differencesOf(piece, stage, plans)
  const { reopened, declined } = piece[stage]
  return !reopened && JSON.stringify(found) === JSON.stringify(declined) ? [] : found
}

type Sides = { kept: () => Standing | null; today: () => Standing | null }

function standings(piece: Piece, plans: PiecePlans): Record<StageId, Sides> {
  const { measure, marked, build, built, hoop } = plans
  const at = ''
  const from =
    <Kept>(kept: Kept | null | undefined, of: (kept: Kept) => Standing) =>
    () =>
      kept ? of(kept) : null
  const stitch = piece.stitch.kept[0]
  const open = { ...piece, stitch: { ...piece.stitch, reopened: true } }
  return {
    measure: {
      kept: from(piece.measure.kept[0], measureStands),
      today: () => from(keepMeasure(measure, at), measureStands)(),
    },
    build: {
      kept: from(piece.build.kept[0], ({ stack, basis }) => builtFor(basis, stackStands(stack))),
      today: () => builtFor(build.basis, stackStands(stackNow(!piece.build.reopened, build))),
    },
    hoop: {
      kept: from(piece.hoop.kept[0], hoopStands),
      today: () => hoopToday(piece, keepHooping(hoop, marked, at), plans),
    },
    stitch: {
      kept: from(stitch, ({ list }) => listStands(list)),
      today: () => listStands(keepList(beforeStart(open, built))),
    },
    finish: {
      kept: from(piece.finish.kept[0], recordStands),
      today: () =>
        recordStands(
          keepRecord(
            piece,
            built,
            { hoop: piece.finish.kept[0]?.hoop ?? null, patches: marked.design.patches, took: [] },
            at,
          ),
        ),
    },
  }
}

function measureStands({ placed, design, steps }: MeasureDecision): Standing {
  const { name, width, height } = design
  const sized = name
    ? message('was.design', { name: { own: name }, width, height })
    : message('was.design-by-size', { width, height })
  return new Map([['placed', placed], ['design', sized], ...steps.map(({ id, said }): [string, Message] => [id, said])])
}

function stackStands(stack: DecidedStack | null): Standing {
  if (!stack) return new Map([['stack', message('was.no-stack')]])
  const layers = stack.layers
    .filter((layer) => layer.role !== 'cloth')
    .map(({ role, kind, sheets, grip }): [string, Message] => {
      const named = { layer: `layer.${kind}`, grip: `grip.${grip}` }
      const said =
        sheets > 1 ? message('was.layer-sheets', { sheets: { plain: sheets }, ...named }) : message('was.layer', named)
      return [`${role}.${kind}`, said]
    })
  const { needle, bobbin, speedSpm, holding } = stack
  const through: [string, Message | null][] = [
    ['holding', message('was.held', { holding: `holding.${holding}` })],
    ['needle', needle && message('was.needle', { size: { own: needle.size }, point: `point.${needle.point}` })],
    [
      'bobbin',
      bobbin && message('was.bobbin', { weight: { plain: bobbin.weight }, colour: `bobbin.${bobbin.colour}` }),
    ],
    ['speed', speedSpm === null ? null : message('was.speed', { speed: { plain: speedSpm } })],
  ]
  return new Map([...layers, ...through.flatMap(([id, said]): [string, Message][] => (said ? [[id, said]] : []))])
}

/** What the layers were chosen for: where that changes, it is asked whether they still suit, whatever they are. */
const builtFor = ({ work }: Basis, stands: Standing): Standing =>
  new Map([...stands, ['work', message('was.work', { load: `load.${work.loadClass}`, work: `work.${work.kind}` })]])

function hoopStands({ hoop, pose, holding, added }: HoopDecision): Standing {
  const stands: [string, Message][] = [['holding', message('was.held', { holding: `holding.${holding}` })]]
  if (hoop) {
    const { field, name } = hoop
    const size = field.shape === 'polygon' ? hoop.outside : field
    stands.push(['hoop', message('was.hoop', { hoop: { own: name }, width: size.width, height: size.height })])
  }
  if (pose) {
    const fills = { across: fine(pose.x), up: fine(pose.y), turn: { plain: pose.rotation } }
    stands.push(['in-hoop', message('was.in-hoop', fills)])
  }
  if (added)
    stands.push(['added', message('was.added', { far: Math.hypot(added.right, added.down), of: { own: added.name } })])
  return new Map(stands)
}

/** Where the hoop that was decided is gone or does not take it any more, that is what there is to say. */
function hoopToday(piece: Piece, today: HoopDecision | null, { hoop }: PiecePlans): Standing | null {
  const kept = piece.hoop.kept[0]
  if (!kept?.hoop) return today && hoopStands(today)
  const only = (said: Message): Standing => new Map([...hoopStands(kept), ['hoop', said]])
  if (!today?.hoop) return only(message('was.hoop-gone'))
  if (hoop.chosen && !hoop.chosen.fits) return only(message('was.hoop-misfit', { hoop: { own: kept.hoop.name } }))
  return hoopStands(today)
}

const listStands = (list: readonly { id: string }[]): Standing =>
  new Map(
    list.filter(({ id }) => !id.startsWith('start.')).map(({ id }) => [id, message('was.line', { line: { own: id } })]),
  )

function recordStands({ landing, stack, verdict, faults }: RecordDecision): Standing {
  const { dx, dy } = landing
  const told: [string, Message][] = []
  if (dy !== null)
    told.push(['landing.down', message(dy < 0 ? 'was.landed-high' : 'was.landed-low', { far: Math.abs(dy) })])
  if (dx !== null)
    told.push(['landing.across', message(dx < 0 ? 'was.landed-left' : 'was.landed-right', { far: Math.abs(dx) })])
  if (verdict) told.push(['verdict', message('was.verdict', { verdict: `verdict.${verdict}` })])
  for (const { id, howBad } of faults)
    told.push([`fault.${id}`, message('was.fault', { fault: `fault.${id}`, howBad: `how-bad.${howBad}` })])
  return new Map([...told, ...(stack ? stackStands(stack) : [])])
}

const fine = (mm: number): number => Math.round(mm * 10) / 10
