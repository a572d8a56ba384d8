import { words } from '../words'

export const reading = words({
  'artwork-svg': 'artwork (SVG)',
  'stitch-lists-csv': 'stitch lists (CSV)',
  design: 'Design',
  'there-are-over-2-000': 'There are over 2,000 colour blocks. Combine blocks of one colour in the drawing program.',
  'the-file-isnt-complete-json': 'The file isn’t complete JSON. It may be cut short.',
  'mb-is-too-large-the': '{$bytes :text} MB is too large. The limit is 10 MB.',
  'only-and-this-programs-own': 'Only {$formatsRead :text} and this program’s own JSON are read.',
  'isnt-on-this-device-and': 'isn’t on this device, and the shop computer can’t be reached',
  'hasnt-arrived-yet': 'hasn’t arrived yet',
  'the-design-is-no-longer': 'The design is no longer on this device.',
  'cant-reach-the-shop-computer': 'Can’t reach the shop computer to read designs.',
  'this-drawing-takes-too-long': 'This drawing takes too long. Simplify it in the drawing program.',
  'has-mb-a-photo-may': '{$name :text} has {$round :number} MB; a photo may have 60.',
  'isnt-a-photo-use-a': '{$name :text} isn’t a photo. Use a JPEG or PNG.',
  'would-open-to-million-points':
    '{$name :text} would open to {$round :text} million points; a photo may have {$one :number}.',
  'this-browser-cannot-open-a':
    'This browser cannot open {$name :text}, a {$toUpperCase :text} picture. Save it as JPEG first.',
  'is-damaged-and-cant-be': '{$name :text} is damaged and can’t be opened.',
})
