import type { Difference, KeptHooping, KeptMeasure, KeptRecord, KeptStack, Piece, StageId } from '@thimble/contract'
import { type Said, say } from '@thimble/core/words'
import { stackNow } from '../stack/planBuild'
import { keepRecord } from '../finish/keepRecord'
import { beforeStart, keepList } from '../finish/lists'
import { keepHooping } from '../hoop/planHoop'
import { keepMeasure } from '../measure/keepMeasure'
import type { PiecePlans } from './planPiece'

/** How something stands, by what it is about. */
type Standing = ReadonlyMap<string, Said>

/**
 * What would come out otherwise than it was decided, if a stage were taken anew at this moment; empty where nothing
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
      kept: from(piece.build.kept[0], ({ stack }) => stackStands(stack)),
      today: () => stackStands(stackNow(!piece.build.reopened, build)),
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
      today: () => recordStands(keepRecord(piece, built, { hoop: piece.finish.kept[0]?.hoop ?? null, took: [] }, at)),
    },
  }
}

function measureStands({ placed, design, steps }: KeptMeasure): Standing {
  const { name, width, height } = design
  const sized = name
    ? say('was.design', { name: { own: name }, width, height })
    : say('was.design-by-size', { width, height })
  return new Map([['placed', placed], ['design', sized], ...steps.map(({ id, said }): [string, Said] => [id, said])])
}

function stackStands(stack: KeptStack | null): Standing {
  if (!stack) return new Map([['stack', say('was.no-stack')]])
  const layers = stack.layers
    .filter((layer) => layer.role !== 'cloth')
    .map(({ role, kind, sheets, grip }): [string, Said] => {
      const named = { layer: `layer.${kind}`, grip: `grip.${grip}` }
      const said =
        sheets > 1 ? say('was.layer-sheets', { sheets: { plain: sheets }, ...named }) : say('was.layer', named)
      return [`${role}.${kind}`, said]
    })
  const { needle, bobbin, speedSpm, holding } = stack
  const through: [string, Said | null][] = [
    ['holding', say('was.held', { holding: `holding.${holding}` })],
    ['needle', needle && say('was.needle', { size: { own: needle.size }, point: `point.${needle.point}` })],
    ['bobbin', bobbin && say('was.bobbin', { weight: { plain: bobbin.weight }, colour: `bobbin.${bobbin.colour}` })],
    ['speed', speedSpm === null ? null : say('was.speed', { speed: { plain: speedSpm } })],
  ]
  return new Map([...layers, ...through.flatMap(([id, said]): [string, Said][] => (said ? [[id, said]] : []))])
}

function hoopStands({ hoop, pose, holding, added }: KeptHooping): Standing {
  const stands: [string, Said][] = [['holding', say('was.held', { holding: `holding.${holding}` })]]
  if (hoop) {
    const { field, name } = hoop
    const size = field.shape === 'polygon' ? hoop.outside : field
    stands.push(['hoop', say('was.hoop', { hoop: { own: name }, width: size.width, height: size.height })])
  }
  if (pose) {
    const fills = { across: fine(pose.x), up: fine(pose.y), turn: { plain: pose.rotation } }
    stands.push(['in-hoop', say('was.in-hoop', fills)])
  }
  if (added)
    stands.push(['added', say('was.added', { far: Math.hypot(added.right, added.down), of: { own: added.name } })])
  return new Map(stands)
}

/** Where the hoop that was decided is gone or does not take it any more, that is what there is to say. */
function hoopToday(piece: Piece, today: KeptHooping | null, { hoop }: PiecePlans): Standing | null {
  const kept = piece.hoop.kept[0]
  if (!kept?.hoop) return today && hoopStands(today)
  const only = (said: Said): Standing => new Map([...hoopStands(kept), ['hoop', said]])
  if (!today?.hoop) return only(say('was.hoop-gone'))
  if (hoop.chosen && !hoop.chosen.fits) return only(say('was.hoop-misfit', { hoop: { own: kept.hoop.name } }))
  return hoopStands(today)
}

const listStands = (list: readonly { id: string }[]): Standing =>
  new Map(
    list.filter(({ id }) => !id.startsWith('start.')).map(({ id }) => [id, say('was.line', { line: { own: id } })]),
  )

function recordStands({ landing, stack, verdict, faults }: KeptRecord): Standing {
  const { dx, dy } = landing
  const told: [string, Said][] = []
  if (dy !== null)
    told.push(['landing.down', say(dy < 0 ? 'was.landed-high' : 'was.landed-low', { far: Math.abs(dy) })])
  if (dx !== null)
    told.push(['landing.across', say(dx < 0 ? 'was.landed-left' : 'was.landed-right', { far: Math.abs(dx) })])
  if (verdict) told.push(['verdict', say('was.verdict', { verdict: `verdict.${verdict}` })])
  for (const { id, howBad } of faults)
    told.push([`fault.${id}`, say('was.fault', { fault: `fault.${id}`, howBad: `how-bad.${howBad}` })])
  return new Map([...told, ...(stack ? stackStands(stack) : [])])
}

const fine = (mm: number): number => Math.round(mm * 10) / 10
