import { words, film, infants, type Question } from './question'

/** Thread, needle, machine and finishing: worded from craft.md, section by section, and not from the rules. */
export const onAnyCloth: readonly Question[] = [
  // Thread, needle, machine, finishing, on any cloth.
  [
    'metallic: 90/14, slowly',
    'twill',
    { thread: { fibre: 'metallic' } },
    { is: [/needle 90\/14 large-eye/, /speed [45]\d\d|speed 600/] },
  ],
  ['12 wt: 100/16, and 40 % less', 'twill', { thread: { weight: 12 } }, { is: [/needle 100\/16/, /40 % fewer/] }],
  ['30 wt: 90/14, and 15 % less', 'twill', { thread: { weight: 30 } }, { is: [/needle 90\/14/, /15 % fewer/] }],
  [
    'glue: stop, power off, wipe',
    'linen',
    { house: { grip: 'sticky' } },
    { is: [/stop, power off, wipe/], not: [/as you go|now and then/] },
  ],
  [
    'jumps: off the machine, in the hoop',
    'twill',
    {},
    { before: [[/trim jump threads/, /inner ring/]], is: [/Off the machine, still hooped/] },
  ],
  [
    'a clamp has no inner ring, whatever floats in it',
    'terry',
    { holding: 'floated', ring: { outsideWidthMm: 240, outsideHeightMm: 250, clamp: true } },
    { is: [/Magnets|magnets/], not: [/inner ring/i] },
  ],
  [
    'magnets pinch',
    'sweatshirt',
    { ring: { outsideWidthMm: 240, outsideHeightMm: 250, clamp: true }, holding: 'clamped' },
    { is: [/pacemakers/] },
  ],
  ['spray: outdoors', 'pique', { house: { grip: 'spray' } }, { is: [/Spray outdoors/] }],
  ['a new design is tried on a scrap', 'twill', {}, { is: [/tried on a scrap/] }],
  ['the tail at every colour', 'twill', {}, { is: [/Each colour: thread end held/] }],
  ['the tension is read off the back, both ways', 'twill', {}, { not: [/^Ease the top/] }],
  ['trimmed as the house does', 'pique', { house: { trim: 'close-3' } }, { is: [/to 3 mm outside/] }],
  ['rounded by default', 'sweatshirt', {}, { is: [/6 to 12 mm outside the stitches, corners rounded/] }],
  [
    'a cover is rounded, and 12 mm larger a side',
    'jersey',
    { use: { nextToSkin: true } },
    { is: [/Cut the cover 104 mm by 84 mm, corners rounded/] },
  ],
  [
    'applied cloth: cut in the hoop, off the machine',
    'twill',
    { work: { kind: 'applique' } },
    { is: [/hoop off the machine, still hooped/] },
  ],
  [
    'a line on pile sinks',
    'terry',
    { work: { kind: 'line', loadClass: 'outline' } },
    { is: [/pile may swallow it/], not: [/permanent-film/] },
  ],
  ['a toy of felt', 'wool-felt', { use: { toy: true } }, { is: [infants] }],
  [
    'a heat-away house never offers wash-away first',
    'terry',
    { house: { toppingKind: 'heat-away' } },
    { is: [/heat-away-film/] },
  ],
  ['an always-film house on smooth cloth', 'twill', { house: { topping: 'always' } }, { is: [film] }],
  ['smooth cloth takes none', 'twill', {}, { not: [film] }],
  ['fine letters on smooth cloth take one', 'twill', { work: words(5) }, { is: [film, /speed (5\d\d|600)/] }],
  [
    'a sticky house presses soft wovens on',
    'quilting-cotton',
    { house: { grip: 'sticky' } },
    { is: [/held floated/, /sticky/] },
  ],
  ['a fusing house fuses linen', 'linen', { house: { grip: 'fuse' } }, { is: [/ fused/] }],
  ['an heirloom keeps its hand', 'linen', { use: { heirloom: true } }, { is: [/part-soluble/] }],
  ['backing alone is for patches', 'twill', { holding: 'backing-alone' }, { not: [/held backing-alone/] }],
  [
    'a cuff next to the skin: no third glued sheet',
    'twill',
    { use: { nextToSkin: true }, holding: 'floated' },
    { not: [/tear-away-fusible/] },
  ],
]
