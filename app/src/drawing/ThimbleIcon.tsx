import Svg, { Circle, Path } from 'react-native-svg'

/** The thimble at the top: the way to habits and settings. */
export function ThimbleIcon({ colour, size }: { colour: string; size: number }) {
  const dots = [
    [10, 8],
    [14, 8],
    [8.6, 12],
    [12, 12],
    [15.4, 12],
  ]
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24">
      <Path
        d="M6 20 7.4 8.4C7.8 4.8 9.6 3 12 3s4.2 1.8 4.6 5.4L18 20Z M5 20h14 M6.4 16.4h11.2"
        fill="none"
        stroke={colour}
        strokeWidth={1.6}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {dots.map(([x, y]) => (
        <Circle key={`${x}${y}`} cx={x} cy={y} r={0.8} fill={colour} />
      ))}
    </Svg>
  )
}
