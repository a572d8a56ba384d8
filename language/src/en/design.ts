/** What reading, changing or setting a design has to say of it; kept with what was measured of it. */
export const design = {
  'design.text-left-out': 'Text is left out. Convert it to outlines in the drawing program and add it again.',
  'design.picture-left-out': 'A picture in the drawing is left out. Only outlines can be read.',
  'design.foreign-left-out': 'A part without outlines is left out.',
  'design.script-dropped': 'A script in the file was dropped.',
  'design.external-dropped': 'A link to another file was dropped. Nothing is downloaded.',
  'design.missing-part': 'The drawing repeats a part that isn’t in the file. It’s left out.',
  'design.loop-dropped': 'A part of the drawing repeats without end. That repeat is left out.',
  'design.gradient-flattened': 'A gradient counts as its first colour.',
  'design.pattern-flattened': 'A pattern fill counts as plain grey.',
  'design.marker-left-out': 'Markers such as arrowheads are left out of the drawing and its size.',
  'design.mask-not-applied': 'A mask is ignored: what it hides is read as well.',
  'design.filter-not-applied': 'A filter is ignored.',
  'design.clip-not-applied': 'A clipping shape is ignored: what it hides is read as well.',
  'design.no-size': 'The drawing doesn’t say how large it is. Check the size.',
  'design.beyond-page': 'The drawing goes beyond its page. What’s outside is cut off.',
  'design.white-page': 'A white rectangle behind everything would be stitched. You can leave it out.',
  'design.in-pixels': 'Its size is in pixels. Check that the width is what you expect.',
  'design.no-end': 'The list has no end row, so it may be cut short.',
  'design.scaled-more':
    'Scaled by {$percent :number} %: {$load :number} % more stitches per cm². Stitch it on a scrap first.',
  'design.scaled-fewer':
    'Scaled by {$percent :number} %: {$load :number} % fewer stitches per cm². Stitch it on a scrap first.',
  'design.letters-close':
    'The smallest letter is {$high :number} mm high. Under {$least :number} mm letters close up: make it larger, or try a scrap.',
  'design.letters-fine':
    'The smallest letter is {$high :number} mm high. Sew its colour slowly with 60 wt thread and a 65/9 or 70/10 needle, and film on all but smooth cloth.',
  'patch.no-tack': 'Nothing tacks {$patch :name} down. Say which block does.',
  'patch.covered-early': '{$patch :name} is covered before it’s tacked down. Check its blocks.',
  'patch.tacked-early': '{$patch :name} is tacked down before its line is sewn. Check its blocks.',
  'patch.no-line': 'No line marks the place of {$patch :name}: measure where you lay it.',
} as const
