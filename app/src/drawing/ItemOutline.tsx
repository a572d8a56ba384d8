import type { ItemShape } from '@thimble/core/placement'
import type { Point } from '@thimble/core/plane'
import { G, Path } from 'react-native-svg'
import { clothInk } from './clothInk'
import { toPath, toX, toY, type View } from './scale'

/** `own`: the ink of what the worker found on this very item. */
type Props = { view: View; item: ItemShape; colour: string; edge: string; own?: string; thin?: boolean }

/** The item laid flat in its own colour, with its seams, folds and openings. */
export function ItemOutline({ view, item, colour, edge, own, thin }: Props) {
  const ink = clothInk(colour)
  const round = Math.max(0.8, 5 * view.k)
  const linesOf = (folds: boolean): string =>
    item.details
      .filter((d) => (d.kind === 'fold') === folds)
      .map((d) => (d.kind === 'button' ? circle(view, d.points[0]!, round) : toPath(view, d.points, d.closed ?? false)))
      .join('')
  return (
    <G>
      <Path
        d={toPath(view, item.outline)}
        fill={colour}
        stroke={edge}
        strokeWidth={thin ? 1 : 1.6}
        strokeLinejoin="round"
      />
      <Path d={linesOf(false)} fill="none" stroke={ink.line} strokeWidth={thin ? 0.8 : 1.1} />
      <Path d={linesOf(true)} fill="none" stroke={ink.line} strokeWidth={thin ? 0.8 : 1.1} strokeDasharray="2 4" />
      {own
        ? item.zones
            .filter((z) => z.id.startsWith('own.'))
            .map((z) => (
              <Path
                key={z.id}
                d={toPath(view, z.outline)}
                fill={own}
                fillOpacity={0.14}
                stroke={own}
                strokeWidth={1.4}
                strokeDasharray="5 3"
              />
            ))
        : null}
    </G>
  )
}

const circle = (view: View, at: Point, r: number): string =>
  `M${toX(view, at.x) - r} ${toY(view, at.y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
