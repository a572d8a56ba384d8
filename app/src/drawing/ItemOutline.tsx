import type { ItemShape } from '@thimble/core/placement/itemShape'
import { Circle, G, Path } from 'react-native-svg'
import { clothInk } from './clothInk'
import { toPath, toX, toY, type View } from './scale'

/** `own`: the ink of what the worker found on this very item. */
type Props = { view: View; item: ItemShape; colour: string; edge: string; own?: string; thin?: boolean }

/** The item laid flat in its own colour, with its seams, folds and openings. */
export function ItemOutline({ view, item, colour, edge, own, thin }: Props) {
  const ink = clothInk(colour)
  return (
    <G>
      <Path
        d={toPath(view, item.outline)}
        fill={colour}
        stroke={edge}
        strokeWidth={thin ? 1 : 1.6}
        strokeLinejoin="round"
      />
      {item.details.map((d, i) =>
        d.kind === 'button' ? (
          <Circle
            key={i}
            cx={toX(view, d.points[0]!.x)}
            cy={toY(view, d.points[0]!.y)}
            r={Math.max(0.8, 5 * view.k)}
            fill="none"
            stroke={ink.line}
            strokeWidth={1}
          />
        ) : (
          <Path
            key={i}
            d={toPath(view, d.points, d.closed ?? false)}
            fill="none"
            stroke={ink.line}
            strokeWidth={thin ? 0.8 : 1.1}
            strokeDasharray={d.kind === 'fold' ? '2 4' : undefined}
          />
        ),
      )}
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
