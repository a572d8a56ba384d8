/** Lines before the start and after the end that carry the numbers of one piece. Metres and counts are plain. */
export const runPhrases = {
  'start.pins-in': '{count} pins in, none inside the field. Marker and stickers off',
  'start.bobbin': 'Bobbin: {need} m needed, {left} m on it',
  'start.bobbin-changes': 'Bobbin: {need} m needed, {left} m on it. Changes on the way: {changes}',
  'start.bobbin-full': 'Bobbin: {need} m needed. Put in a full one ({full} m)',
  'start.bobbin-full-changes': 'Bobbin: {need} m needed. Put in a full one ({full} m). Changes on the way: {changes}',
  'start.bobbin-unknown': 'Bobbin with at least {need} m in',
  'start.needle': 'Needle {size} {point} in, fully up',
  'start.needle-coated': 'Needle {size} {point}, coated, in, fully up',
  'start.centred': 'Centred: no turn, no move',
  'start.dial-one': 'Dial in {first}',
  'start.dial-two': 'Dial in {first}, {second}',
  'start.dial-all': 'Dial in {first}, {second}, {third}',
  // A number for a machine stays in its own unit: with a no-break space before it, it is no length of the worker's.
  'dial.clockwise': '{far}° clockwise',
  'dial.anticlockwise': '{far}° anticlockwise',
  'dial.right': '{far}\u00a0mm right',
  'dial.left': '{far}\u00a0mm left',
  'dial.toward': '{far}\u00a0mm toward you',
  'dial.away': '{far}\u00a0mm away from you',
  // As lists had it that are kept.
  'start.moved': 'Dialled in: {turn}°, {across}, {along}',
  'start.turned': 'Dialled in: {turn}°, no move',
  'start.as-it-lies': 'Centred; no turn, no move',
  'start.right': '{far} to the right',
  'start.left': '{far} to the left',
  'start.near': '{far} toward you',
  'start.away': '{far} away from you',
  'start.roll': 'Roll ({thick}) tied, clear of the needle',
  'start.lay-first': 'Lay {patches} first: no line marks the place',
  'start.patches-unsaid':
    'The design doesn’t say which blocks place, tack and cover each patch: the machine won’t stop for you',
  'finish.fuse-patch':
    'Fuse {patches}: pad below, cloth on top, heat and time from the label. Keep fingers clear of the iron.',
  'finish.close-opening': 'Close it again: filling in, then sew the opening shut.',
  'finish.close-seam': 'Sew the opened seam shut again.',
  'finish.pins-out': 'Count the pins out: {count}.',
} as const
