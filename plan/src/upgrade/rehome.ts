type Path = readonly [stage: string, key: string]

/** Where each key of a piece before stages has its place; those not named keep theirs or are left behind. */
const homes: Readonly<Record<string, Path>> = {
  itemKind: ['item', 'kind'],
  size: ['item', 'size'],
  itemId: ['item', 'shared'],
  customItem: ['item', 'own'],
  placement: ['measure', 'placement'],
  measures: ['measure', 'measures'],
  distances: ['measure', 'distances'],
  choices: ['measure', 'choices'],
  anchors: ['measure', 'anchors'],
  row: ['measure', 'row'],
  markWith: ['measure', 'markWith'],
  carried: ['measure', 'carried'],
  designId: ['measure', 'designId'],
  ownDesign: ['measure', 'ownDesign'],
  marked: ['measure', 'marked'],
  cloth: ['build', 'cloth'],
  use: ['build', 'use'],
  thread: ['build', 'thread'],
  hoopId: ['hoop', 'hoopId'],
  holding: ['hoop', 'holding'],
  checks: ['stitch', 'checks'],
  finishing: ['finish', 'steps'],
}
const stay = new Set(['id', 'name', 'createdAt', 'updatedAt', 'revision', 'customer', 'run', 'due', 'note'])
const ofRecord = new Set(['low', 'side', 'verdict', 'minutes', 'note', 'nextTime'])

type Json = Record<string, unknown>
type Listed = { id: string } & Json

const byId = (list: unknown, of: (rest: Json, order: number) => Json): Json =>
  Object.fromEntries(
    (Array.isArray(list) ? (list as Listed[]) : []).map(({ id, ...rest }, order) => [id, of(rest, order)]),
  )

/**
 * What was put in of a piece before stages, whole or as a merge patch, with every key in its place. What was never used
 * is left behind, and so is what has to be decided again: stacks and when a stage was done.
 */
export function rehome(old: object): Json {
  const found: Record<string, Json> = {}
  const put = (stage: string, key: string, value: unknown): void => {
    found[stage] = { ...found[stage], [key]: value }
  }
  const top: Json = {}
  for (const [key, value] of Object.entries(old)) {
    if (value === undefined) continue
    const home = homes[key]
    if (home) put(home[0], home[1], value)
    else if (stay.has(key)) top[key] = value
    else if (key === 'zones')
      put(
        'measure',
        'zones',
        byId(value, (zone, order) => ({ ...zone, order })),
      )
    else if (key === 'record')
      for (const [inner, of] of Object.entries((value ?? {}) as Json)) {
        if (ofRecord.has(inner)) put('finish', inner, of)
        else if (inner === 'faults')
          put(
            'finish',
            'faults',
            byId(of, (fault) => fault),
          )
      }
  }
  return { ...top, ...found }
}
