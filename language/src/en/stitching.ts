/** Lines before the start and after the end that carry the numbers of one piece. Metres and counts are plain. */
export const stitching = {
  'start.pins-in': '{$count :number} pins in, none inside the field. Marker and stickers off',
  'start.bobbin': 'Bobbin: {$need :number} m needed, {$left :number} m on it',
  'start.bobbin-changes':
    'Bobbin: {$need :number} m needed, {$left :number} m on it. Changes on the way: {$changes :number}',
  'start.bobbin-full': 'Bobbin: {$need :number} m needed. Put in a full one ({$full :number} m)',
  'start.bobbin-full-changes':
    'Bobbin: {$need :number} m needed. Put in a full one ({$full :number} m). Changes on the way: {$changes :number}',
  'start.bobbin-unknown': 'Bobbin with at least {$need :number} m in',
  'start.needle': 'Needle {$size :name} {$point :name} in, fully up',
  'start.needle-coated': 'Needle {$size :name} {$point :name}, coated, in, fully up',
  'start.centred': 'Centred: no turn, no move',
  'start.dial-one': 'Dial in {$first :name}',
  'start.dial-two': 'Dial in {$first :name}, {$second :name}',
  'start.dial-all': 'Dial in {$first :name}, {$second :name}, {$third :name}',
  // A number for a machine stays in its own unit: with a no-break space before it, it is no length of the worker's.
  'dial.clockwise': '{$far :number}° clockwise',
  'dial.anticlockwise': '{$far :number}° anticlockwise',
  'dial.right': '{$far :number}\u00a0mm right',
  'dial.left': '{$far :number}\u00a0mm left',
  'dial.toward': '{$far :number}\u00a0mm toward you',
  'dial.away': '{$far :number}\u00a0mm away from you',
  // As lists had it that are kept.
  'start.moved': 'Dialled in: {$turn :number}°, {$across :name}, {$along :name}',
  'start.turned': 'Dialled in: {$turn :number}°, no move',
  'start.as-it-lies': 'Centred; no turn, no move',
  'start.right': '{$far :tape} to the right',
  'start.left': '{$far :tape} to the left',
  'start.near': '{$far :tape} toward you',
  'start.away': '{$far :tape} away from you',
  'start.roll': 'Roll ({$thick :tape}) tied, clear of the needle',
  'start.lay-first': 'Lay {$patches :name} first: no line marks the place',
  'start.patches-unsaid':
    'The design doesn’t say which blocks place, tack and cover each patch: the machine won’t stop for you',
  'finish.fuse-patch':
    'Fuse {$patches :name}: pad below, cloth on top, heat and time from the label. Keep fingers clear of the iron.',
  'finish.close-opening': 'Close it again: filling in, then sew the opening shut.',
  'finish.close-seam': 'Sew the opened seam shut again.',
  'finish.pins-out': 'Count the pins out: {$count :number}.',
} as const
