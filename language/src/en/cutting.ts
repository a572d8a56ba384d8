/** What is said of a cutting file. */
export const cutting = {
  'cut.holes-left': 'Holes under {$area :number} mm² are left uncut. The stitches cover them.',
  'cut.several-pieces': 'The outline falls into {$parts :number} parts; each is cut by itself.',
  'cut.no-overlap': 'With no overlap the patch ends at the stitches and may pull out. Add {1 :tape to=2}.',
  'cut.blades': 'Blades cut. Cut away from your hand, and follow the cutter’s manual.',
} as const
