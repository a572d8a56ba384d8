/** What is checked before the start, done after it and heeded, by the id of the rule. */
export const stackLists = {
  'do.check.ring': 'Inner ring right way round, hoop latched',
  'do.check.clamp': 'Magnets seated all round, no fold between',
  'do.check.mount': 'Carriage unparked, foot up, hoop on',
  'do.check.foot': 'Presser foot set for the thickness',
  'do.check.layers': 'Both layers basted together round the design',
  'do.check.nap': 'Pile brushed one way before the film goes on',
  'do.check.stretch': 'Not stretched: {200 :tape inches=|8"|} hasn’t become {204 :tape inches=|8 1/8"|}',
  'do.check.grip': 'Edges grip all round, basted outside the design',
  'do.check.grip-no-holes': 'Edges grip all round, taped: no pins, no basting',
  'do.check.under': 'Nothing under the hoop but one layer',
  'do.check.pins': 'Pins counted out, marker and stickers off',
  'do.check.bobbin': 'Enough on the bobbin, needle fresh and fully up',
  'do.check.applique': 'Patch cloth cut and pressed, small scissors at hand',
  'do.check.line-on-pile': 'Line tried on a scrap: pile may swallow it',
  'do.check.scrap': 'New cloth or design: tried on a scrap',
  'do.check.tail': 'Each colour: thread end held 8 to 10 stitches, trimmed',
  'do.check.trace': 'Traced clear of the hoop; hands, hair, sleeves away',
  'do.safe.spray':
    'Spray outdoors or in a ventilated box, on the backing only, away from machine, flames and children. Read the label.',
  'do.safe.spray-spots': 'Spray may spot silk and satin. Try a scrap first.',
  'do.safe.iron': 'Irons burn. Test a scrap and follow the care label.',
  'do.safe.magnets': 'Magnets pinch fingers. Keep them away from pacemakers and cards.',
  'do.safe.blades':
    'Trim patch cloth with the hoop off the machine, still hooped, blades away from your hand and the cloth below.',
  'do.safe.thick': 'Thick work can break a needle: slow down, wear eye protection.',
  'do.needle.holes-stay': 'Needle holes stay. Place it right the first time; don’t unpick.',
  'do.load.dense-knit': 'A dense design stiffens stretchy cloth and may pucker. A lighter design is safer.',
  'do.load.dense-fine': 'A dense design can tear or pucker cloth this fine. Use a lighter one if you can.',
  'do.pile.long': 'Long pile works through stitches. Use a bold design with full underlay, and brush the pile aside.',
  'do.grip.slick-clamp': 'Slippery cloth creeps between magnets. Check it before each start.',
  'do.cover.no-heat': 'You can’t fuse a cover here. Where the back touches skin, sew on a soft lining by hand.',
  'do.finish.jumps': 'Off the machine, still hooped: trim jump threads, blades away from hand and cloth.',
  'do.finish.film-stays':
    'Still hooped: cut the colour film close to the stitches, blades away from hand and cloth. Never iron it: it melts.',
  'do.finish.unhoop': 'Loosen the screw, lift out the inner ring.',
  'do.finish.unclamp': 'Slide the magnets off one by one, fingers clear.',
  'do.finish.baste-out': 'Take out basting; count pins out.',
  'do.finish.lift-off': 'Lift it off the sticky sheet.',
  'do.finish.applique': 'Trim frayed patch edges, blades flat and away from your hand.',
  'do.finish.film': 'Tear the film off, scraps with a damp swab. The rest washes out; don’t iron before that.',
  'do.finish.film-dry': 'Tear the film off dry, scraps with tweezers. Water would mark this cloth.',
  'do.finish.tear': 'Tear off one layer at a time, thumb on the stitches.',
  'do.finish.part-soluble': 'Tear it off, rinse 2 minutes in lukewarm water, don’t wring.',
  'do.finish.dry': 'Dry it flat before any iron or seam.',
  'do.finish.dark-ends': 'Trim dark ends that show through, not knots.',
  'do.finish.seam': 'Close the seam you opened.',
  'do.finish.filling': 'Put the filling back and close the opening so no small finger gets in.',
  'do.finish.infant-wash': 'Wash it once before use.',
  'do.check.topping': '{$topping :name case=upper} on, rough side down',
  'do.check.density': '{$weight :number} wt is thick: about {$percent :number} % fewer stitches needed',
  'do.safe.infants':
    'Infants and toys: no loose trims, ribbons, buttons or pins, and a soft cover on the back. Local product-safety rules decide on ages, flammability and sleepwear. Keep it from flame.',
  'do.safe.infants-bare':
    'Infants and toys: no loose trims, ribbons, buttons or pins, and short thread ends. Line the back with something soft where it touches skin. Local product-safety rules decide on ages, flammability and sleepwear. Keep it from flame.',
  'do.needle.holes':
    'A {$size :name} needle can leave holes and runs in stretchy cloth. Try a scrap, or use finer thread and needle.',
  'do.load.letters-coarse':
    'Letters of {$high :thin} close up in {$weight :number} wt. For their colour use 60 wt and a 65/9 or 70/10 needle, at 500 to 600 a minute.',
  'do.finish.film-heat':
    'Tear the film off, then lift the scraps with the tip of a {$iron :name} iron: no steam, 3 seconds a spot, never rub. Try a scrap first.',
  'do.finish.wash-away.skin':
    'Trim it and soak 5 minutes in lukewarm water. Rinse until nothing slippery is left: none may stay next to the skin. Don’t wring.',
  'do.finish.wash-away': 'Trim it, soak 5 minutes in lukewarm water, and rinse. Don’t wring.',
  'do.finish.cut-away': 'Trim the cut-away {6 :tape to=12} outside the stitches, corners rounded.',
  'do.finish.cut-away.close': 'Trim the cut-away to {3 :tape} outside the stitches.',
  'do.finish.cut-away.strip': 'Trim the cut-away to the stitching.',
  'do.finish.cover':
    'Cut the cover {$wide :tape} by {$high :tape}, corners rounded. Fuse it: {$iron :name} iron, 15 seconds a spot. Follow the label.',
  'do.finish.press.film':
    'Press from the back: {$iron :name} iron, 10 seconds a spot, no film left on. Irons burn: follow the label.',
  'do.finish.press': 'Press from the back: {$iron :name} iron, 10 seconds a spot. Irons burn: follow the label.',
  'do.finish.no-press.dry': 'No iron and no steam. Smooth it by hand.',
  'do.finish.no-press': 'No iron. Press with your fingers; steam from a distance only if the label allows.',

  'short.none': '{$layer :name case=upper}: none in the stash.',
  'short.pieces':
    '.input {$there :number} .match $there 0 {{{$layer :name case=upper}: no piece, {$wanted :number} are wanted.}} * {{{$layer :name case=upper}: {$there :number} of {$wanted :number} pieces.}}',
  'short.sized':
    '.input {$there :number} .input {$wanted :number} .match $there $wanted 0 1 {{{$layer :name case=upper}: no piece of {$wide :tape} by {$high :tape}.}} 0 * {{{$layer :name case=upper}: no piece of {$wide :tape} by {$high :tape}, {$wanted :number} are wanted.}} * * {{{$layer :name case=upper}: {$there :number} of {$wanted :number} pieces of {$wide :tape} by {$high :tape}.}}',
} as const
