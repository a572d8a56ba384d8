/** What reading, changing or setting a design has to say of it; kept with what was measured of it. */
export const designPhrases = {
  'design.text-left-out': 'Text is left out: turn it into outlines where the drawing was made, and read it again.',
  'design.picture-left-out': 'A picture set into the drawing is left out; only outlines can be read.',
  'design.foreign-left-out': 'A part that is not drawn as outlines is left out.',
  'design.script-dropped': 'A script in the file was dropped.',
  'design.external-dropped': 'Something the file only points to elsewhere was dropped; nothing is fetched.',
  'design.missing-part': 'The drawing repeats a part that is not in the file; it is left out.',
  'design.loop-dropped': 'A part of the drawing repeats itself without end; that repeat is left out.',
  'design.gradient-flattened': 'A gradient counts as its first colour.',
  'design.pattern-flattened': 'A pattern fill is not read; its area counts as plain grey.',
  'design.marker-left-out': 'Markers on lines, such as arrowheads, are left out; the size is without them.',
  'design.mask-not-applied': 'A mask is not applied: what it hides is read as well.',
  'design.filter-not-applied': 'A filter is not applied; the size is without it.',
  'design.clip-not-applied':
    'A clipping shape of a kind that is not read is not applied: what it hides is read as well.',
  'design.no-size': 'The drawing does not say how large it is; its units were taken as 96 to the inch. Check the size.',
  'design.beyond-page': 'The drawing reaches beyond its page; what lies outside is cut off, as it is when shown.',
  'design.white-page':
    'A white rectangle as large as the page lies behind everything and would be stitched; it can be left out.',
  'design.in-pixels': 'Its size is given in pixels; check that the width is what you expect.',
  'design.no-end': 'The list does not say where it ends; it may have been cut short.',
  'design.scaled-more': 'Scaled by {percent} %: {load} % more stitches on each cm2. Stitch it on a scrap first.',
  'design.scaled-fewer': 'Scaled by {percent} %: {load} % fewer stitches on each cm2. Stitch it on a scrap first.',
  'design.letters-close':
    'The smallest letter is {high} mm high: under {least} mm its openings close up. Set it larger, or try it on a scrap.',
  'design.letters-fine':
    'The smallest letter is {high} mm high: take 60 weight thread and a 65/9 or 70/10 needle for its colour, sewn slowly, and a film on anything but smooth cloth.',
  'patch.no-tack': 'Nothing tacks {patch} down. Say which block does.',
  'patch.covered-early': '{patch} is covered before it is tacked down. Check its blocks.',
  'patch.tacked-early': '{patch} is tacked down before its line is sewn. Check its blocks.',
  'patch.no-line': 'No line marks the place of {patch}: measure where you lay it.',
} as const
