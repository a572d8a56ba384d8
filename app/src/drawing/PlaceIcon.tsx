import Svg, { Path } from 'react-native-svg'

/** The five places, drawn in running line: a trestle bench, a stitched curve, drawers, a run of lines, a book. */
const paths = {
  bench: 'M3 7h18M5 7v3h14V7M7 10 4.5 20M17 10l2.5 10M6 15h12',
  designs: 'M4 20V5M4 20h16M4 16c4 0 3-8 7-8s3 5 8-2',
  stash: 'M4 4h16v16H4ZM4 12h16M10 8h4M10 16h4',
  runs: 'M4 6h16M4 12h11M4 18h7M18 15l3 3-3 3',
  log: 'M6 3h12v18H6ZM9.5 3v18M12.5 8H15.5M12.5 12H15.5',
} as const

export type PlaceId = keyof typeof paths

export const PlaceIcon = ({ place, colour }: { place: PlaceId; colour: string }) => (
  <Svg width={24} height={24} viewBox="0 0 24 24">
    <Path d={paths[place]} fill="none" stroke={colour} strokeWidth={1.6} strokeLinecap="round" strokeLinejoin="round" />
  </Svg>
)
