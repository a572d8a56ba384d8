/** Lines before the start and after the end that carry the numbers of one piece. Metres and counts are plain. */
export const runPhrases = {
  'start.pins-in': 'Pins in: {count}, none of them inside the field; marker and stickers off.',
  'start.bobbin': 'Bobbin: {need} m needed, {left} m on it; it lasts.',
  'start.bobbin-changes': 'Bobbin: {need} m needed, {left} m on it; fresh ones to put in on the way: {changes}.',
  'start.bobbin-full': 'Bobbin: {need} m needed; put in a full one, {full} m.',
  'start.bobbin-full-changes':
    'Bobbin: {need} m needed; put in a full one, {full} m, and fresh ones on the way: {changes}.',
  'start.bobbin-unknown': 'Bobbin: {need} m needed; one in that has as much.',
  'start.needle': 'Needle {size} {point} in, fully up, its scooped side to the hook; new enough.',
  'start.needle-coated': 'Needle {size} {point}, coated, in, fully up, its scooped side to the hook; new enough.',
  'start.centred': 'Centred: no turn, no move.',
  'start.dial-one': 'Dial in {first}.',
  'start.dial-two': 'Dial in {first}, {second}.',
  'start.dial-all': 'Dial in {first}, {second}, {third}.',
  // A number for a machine stays in its own unit: with a no-break space before it, it is no length of the worker's.
  'dial.clockwise': '{far}° clockwise',
  'dial.anticlockwise': '{far}° anticlockwise',
  'dial.right': '{far}\u00a0mm right',
  'dial.left': '{far}\u00a0mm left',
  'dial.toward': '{far}\u00a0mm toward you',
  'dial.away': '{far}\u00a0mm away from you',
  // As lists had it that are kept.
  'start.moved': 'Dialled at the machine: turned {turn}°, {across}, {along}.',
  'start.turned': 'Dialled at the machine: turned {turn}°, not moved.',
  'start.as-it-lies': 'Design in the middle of the field as it comes: nothing to turn or to move.',
  'start.right': '{far} to the right',
  'start.left': '{far} to the left',
  'start.near': '{far} toward you',
  'start.away': '{far} away from you',
  'start.roll': 'The roll in the throat, {thick} thick, tied and clear of the needle bar.',
  'start.lay-first': 'Lay {patches} first: no line marks the place.',
  'start.patches-unsaid':
    'Say on the design which blocks place, tack and cover each patch. Until then the machine won’t stop to lay or trim.',
  'finish.fuse-patch':
    'Fuse {patches}: a pad below, a cloth on top, heat and time from the sheet’s label. Keep fingers off the iron’s path.',
  'finish.close-opening': 'Close it again: filling in, then sew the opening shut.',
  'finish.close-seam': 'Sew the seam you opened shut again.',
  'finish.pins-out': 'Count the pins out: {count}.',
} as const
