import type { Point } from '../plane/point'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import { reachOf } from './reach'
import { turnHull } from './turnedHull'

const reaches = new WeakMap<readonly Point[], Map<string, Point[]>>()

/**
 * The centres at which a hull fits a field less a margin, remembered with the hull: for each machine, way of holding and
 * way up the same is asked again. An outline that was changed since is another one.
 *
 * @throws as shrunkenField
 */
export function rememberedReach(field: HoopField, margin: number, hull: readonly Point[], rotation: number): Point[] {
  const known = reaches.get(hull) ?? new Map<string, Point[]>()
  reaches.set(hull, known)
  const sum = hull.reduce((all, { x, y }, i) => all + (x + 2 * y) * (i + 1), 0)
  const key = `${JSON.stringify(field)} ${margin} ${rotation} ${hull.length} ${sum}`
  const reach = known.get(key) ?? reachOf(shrunkenField(field, margin), turnHull(hull, rotation))
  known.set(key, reach)
  return reach
}
