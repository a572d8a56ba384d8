export const colours = {
  'colour.is-not-a-colour-write': '“{$colour :text}” is not a colour: write it as #rrggbb.',
  'colour.the-same-to-the-eye': 'the same to the eye',
  'colour.almost-the-same': 'almost the same',
  'colour.close': 'close',
  'colour.similar-but-you-see-the': 'similar, but you see the difference',
  'colour.another-colour': 'another colour',
  'colour.light-on-dark': 'Light on dark',
  'colour.dark-on-light': 'Dark on light',
  'colour.the-cloth-shows-between-the':
    '{$way :name}: the cloth shows between the stitches. On pile or texture, permanent film in the thread’s colour covers it.',
  'colour.almost-the-cloths-colour-only': 'Almost the cloth’s colour. Only its sheen shows.',
  'colour.soft-on-this-cloth-tone': 'Soft on this cloth: tone on tone.',
  'colour.clear-on-this-cloth': 'Clear on this cloth.',
  'colour.pick-the-background-and-at': 'Pick the background and at least one colour that stands out from it.',
} as const
