import { words } from '../words'

export const drawings = words({
  'to-scale': '{$name :text}, to scale',
  'drawing-to-scale': 'Drawing to scale. {$writeMessage :text}.',
  '1-mm': '1 mm',
  'side-view-of-the-hoop': 'Side view of the hoop: cloth and backing between inner and outer ring',
  'side-view-of-the-hoop-2': 'Side view of the hoop: backing between inner and outer ring, cloth pressed on top',
  'side-view-of-the-hoop-3': 'Side view of the hoop: cloth between inner and outer ring, backing loose below',
  'side-view-of-the-frame': 'Side view of the frame: cloth and backing between frame and magnets',
  'side-view-of-the-hoop-4': 'Side view of the hoop: only backing between inner and outer ring',
  'cloth-over-backing-both-in': 'cloth over backing, both in the hoop',
  'cloth-on-top': 'cloth on top',
  'sprayed-backing-in-the-hoop': 'sprayed backing in the hoop',
  'sticky-backing-in-the-hoop': 'sticky backing in the hoop',
  'cloth-in-the-hoop': 'cloth in the hoop',
  'backing-slid-under': 'backing slid under',
  'cloth-and-backing-between': 'cloth and backing between',
  'backing-alone': 'backing alone',
  'roll-of': 'roll {$replace :text} of {$throatHeight :text}',
  back: 'back: {$back :text}',
  'front-you': 'front, you: {$front :text}',
  carriage: 'carriage',
  upright: 'upright',
  'in-hooping-in-hoopings':
    '.input {$hoopings :number} .match $hoopings one {{ in {$hoopings :number} hooping}} * {{ in {$hoopings :number} hoopings}}',
  'the-whole-row-to-scale': 'The whole row to scale: {$count :number} motifs{$which :text}.',
  'the-roll-from-its-start':
    'The roll from its start: {$cuts :number} pieces in {$strips :number} strips, {$round :number} mm of it.',
  magnets: 'magnets',
})
