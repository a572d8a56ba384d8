import { type Advice, caution, note } from '../advice'
import type { Facts } from './facts'
import { layerNames } from './names'
import type { Layer } from './recipeOption'
import type { HoldingMethod } from './recipeQuery'

const has = (layers: readonly Layer[], test: (l: Layer) => boolean): boolean => layers.some(test)

/** The list to go through before the start, made for this piece (craft.md sections 3 and 8). */
export function checksFor(f: Facts, holding: HoldingMethod, layers: readonly Layer[]): Advice[] {
  const topped = layers.find((l) => l.role === 'topping')
  const list: (Advice | false)[] = [
    note('check.ring', 'Inner ring the right way round, its arrow to the top; the hoop latched.'),
    f.knit &&
      holding !== 'floated' &&
      note('check.stretch', 'Marks no farther apart than on the table: over 2 % means the knit was pulled.'),
    holding === 'floated' && note('check.grip', 'Edges grip all round; a basted frame outside the design.'),
    caution('check.under', 'Only the one layer under the ring: feel all round for a sleeve or a back.'),
    caution('check.pins', 'Pins counted out, marker and stickers off; no pin stays inside the field.'),
    note('check.bobbin', 'Bobbin enough for the design, the needle new enough and fully up.'),
    topped ? note('check.topping', `${layerNames[topped.kind]} laid on, its edges flat.`) : false,
    f.dense && f.knit && note('check.scrap', 'Dense on a knit: stitch it once on a scrap with the same stack.'),
    caution('check.trace', 'Outline traced clear of the ring; hands, hair and sleeves away from needle and carriage.'),
  ]
  return list.filter((item) => item !== false)
}

const TRIM: Record<Facts['habits']['trim'], string> = {
  'rounded-6-12': 'Trim the cut-away 6 to 12 mm outside the stitches, corners rounded.',
  'close-3': 'Trim the cut-away to 3 mm outside the stitches.',
  strip: 'Trim the cut-away to the stitching.',
}

/** From the machine to the finished piece, for this stack (craft.md section 5, "Trimming", and 8). */
export function finishingFor(f: Facts, layers: readonly Layer[]): Advice[] {
  const uses = (test: (kind: string) => boolean): boolean => has(layers, (l) => test(l.kind))
  const list: (Advice | false)[] = [
    note('finish.unhoop', 'Off the machine, loosen the screw, then lift the inner ring.'),
    caution('finish.jumps', 'Trim jump threads, front then back; cut away from hand and cloth.'),
    uses((k) => k === 'wash-away-film') &&
      note('finish.film', 'Tear the film off; tweezers and a damp swab for the rest, or leave it to the first wash.'),
    uses((k) => k === 'permanent-film') &&
      note('finish.film-stays', 'Cut the colour film close round the stitches; what lies under them stays.'),
    uses((k) => k === 'heat-away-film') &&
      caution('finish.film-heat', 'Tear the film off, then lift the scraps with a hot iron tip; try a scrap first.'),
    uses((k) => k.startsWith('tear-away')) && note('finish.tear', 'Tear one layer at a time, thumb on the stitches.'),
    uses((k) => k.startsWith('part-soluble')) &&
      note('finish.part-soluble', 'Tear it off, then rinse: half of what is left washes out.'),
    uses((k) => k.startsWith('wash-away') && !k.endsWith('film')) &&
      note(
        'finish.wash-away',
        f.skin
          ? 'Rinse until nothing slippery is left; none stays next to skin.'
          : 'Cut away the rest and rinse it out.',
      ),
    uses((k) => k.startsWith('cut-away')) && caution('finish.cut-away', TRIM[f.habits.trim]),
    has(layers, (l) => l.role === 'cover') &&
      caution('finish.cover', 'Fuse the soft cover over the back, corners rounded; the care label decides the heat.'),
    f.takesHeat
      ? caution('finish.press', 'Press from the back on a towel; film melts and irons burn, so follow the care label.')
      : note('finish.no-press', 'No iron: finger-press, and steam from a distance only where the label allows it.'),
  ]
  return list.filter((item) => item !== false)
}

/** The cautions of craft.md section 11 that this recipe calls for. */
export function cautionsFor(f: Facts, holding: HoldingMethod, layers: readonly Layer[]): Advice[] {
  const list: (Advice | false)[] = [
    has(layers, (l) => l.grip === 'sprayed') &&
      caution(
        'safe.spray',
        'Spray outdoors or in a box with air moving, on the backing only, away from machine, flames and children; read the label.',
      ),
    has(layers, (l) => l.grip === 'fused') && caution('safe.iron', 'Hot iron: test a scrap and follow the care label.'),
    holding === 'clamped' && caution('safe.magnets', 'Magnets pinch fingers; keep them from pacemakers and cards.'),
    Boolean(f.use.infant || f.use.toy) &&
      caution(
        'safe.infants',
        'For infants and toys: no loose trims, buttons or pins left in, soft cover on the back; local product-safety rules decide.',
      ),
    f.heavy && caution('safe.thick', 'Thick work can break a needle: slow down; eye protection is sensible.'),
    f.dense &&
      f.knit &&
      caution(
        'load.dense-knit',
        'A dense design makes a knit stiff and may pucker: a lighter design or a firmer cloth is safer.',
      ),
    f.dense &&
      f.gsm < 120 &&
      caution('load.dense-fine', 'A dense design can tear or pucker cloth this fine: take a lighter one if you can.'),
    f.skin &&
      !f.takesHeat &&
      caution('cover.no-heat', 'This cloth takes no heat, so no fused cover: sew a soft one on by hand.'),
  ]
  return list.filter((item) => item !== false)
}
