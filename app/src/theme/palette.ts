/** The roles of the look: calico, chalk and tape. Every colour on screen comes from here or from a cloth. Seams divide; an edge is a control's. */
export type Palette = Record<
  | 'calico'
  | 'paper'
  | 'ink'
  | 'inkSoft'
  | 'indigo'
  | 'onIndigo'
  | 'madder'
  | 'weld'
  | 'onWeld'
  | 'moss'
  | 'chalk'
  | 'seam'
  | 'edge'
  | 'tape'
  | 'onTape'
  | 'table'
  | 'ring'
  | 'upright',
  string
>

export const light: Palette = {
  calico: '#F6F1E7',
  paper: '#FFFDF8',
  ink: '#1F2D38',
  inkSoft: '#55626C',
  indigo: '#2C4A7A',
  onIndigo: '#FFFDF8',
  madder: '#A63A2B',
  weld: '#D9A52E',
  onWeld: '#1F2D38',
  moss: '#3E6B4C',
  chalk: '#8FB3D1',
  seam: '#DCD1BE',
  edge: '#8C8270',
  tape: '#F3E2AC',
  onTape: '#4A3F1E',
  table: '#E8E1D3',
  ring: '#9CA3AB',
  upright: '#CBC7BD',
}

export const dark: Palette = {
  calico: '#1B2127',
  paper: '#232B33',
  ink: '#EFE9DC',
  inkSoft: '#AEB8C0',
  indigo: '#9DBBE6',
  onIndigo: '#16202B',
  madder: '#EE9385',
  weld: '#D9A52E',
  onWeld: '#1F2D38',
  moss: '#8CC49C',
  chalk: '#8FB3D1',
  seam: '#3C4650',
  edge: '#747F89',
  tape: '#C9B677',
  onTape: '#2A2410',
  table: '#12171C',
  ring: '#7C858E',
  upright: '#2F3841',
}
