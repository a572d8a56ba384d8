/** What hands do to hold a piece, and what may hurt in it. */
export const holding = {
  'holding-step.one-layer':
    'It’s narrower than the hoop. Open its seam until one layer lies flat, and pin the other layer clear.',
  'holding-step.peel-first': 'Peel the paper off the sticky sheet and press the cloth on it, then hoop both.',
  'holding-step.lower-inside': 'Slide the outer ring inside the piece, bracket toward the carriage.',
  'holding-step.top-first': 'Press the top edge in first, then down to the bottom.',
  'holding-step.screw': 'Tighten with your fingers only. If it won’t close, loosen the screw: forcing breaks it.',
  'holding-step.lever': 'Close the lever. If it won’t, loosen its screw first: forcing breaks it.',
  'holding-step.frame': 'Clip the frame shut all round before you release it.',
  'holding-step.past-flush': 'Push the inner ring {1 :tape to=2} past flush so it glides.',
  'holding-step.knit': 'Flat as a drum, not stretched: smooth a knit from the middle, never pull it.',
  'holding-step.woven': 'Flat as a drum. You can tug a woven along the grain once it’s closed.',
  'holding-step.paper-up': 'Hoop the sticky backing alone, paper side up, flat as a drum.',
  'holding-step.hoop-backing': 'Hoop the backing alone, flat as a drum.',
  'holding-step.magnets': 'Set the magnets down one by one, fingers clear.',
  'holding-step.score': 'Score the paper lightly round the inside of the hoop, and a cross in the middle. Peel it.',
  'holding-step.spray': 'Spray the backing, never the cloth. Wait until it’s tacky, and check that the edges grip.',
  'holding-step.cross-hair': 'Draw or stitch a cross-hair on the backing through the notches.',
  'holding-step.over-hoop': 'Slip the piece over the hoop, or turn it inside out round the hoop.',
  'holding-step.baste': 'Baste round the design, or pin outside the field.',
  'holding-step.tape': 'Tape the edges down outside the field. No pins or basting: holes stay.',
  'holding-step.clamp-under': 'Put the lower frame under the cloth, or inside the piece, with the backing flat on it.',
  'holding-step.clamp-down': 'Set the magnets down from the far side to the near side. Don’t drag the cloth.',
  'holding-step.clamp-feel': 'Feel round the edge for folds, zips or seams between the magnets.',
  'holding-step.alone': 'Hoop the backing alone, flat as a drum. Nothing else goes in the hoop.',
  'holding-care.magnets': 'Magnets pinch fingers. Keep them away from pacemakers and cards.',
  'holding-care.spray':
    'Spray outdoors or in a ventilated box, away from machine, flames and children. Read the label.',
  'holding-care.pins': 'Count the pins in, and out again before you start.',
  'holding-care.iron': 'Irons burn. Follow the care label and the backing’s label.',
  'holding-care.seam-ripper': 'Seam rippers cut. Work away from your hand, and count the pins.',
  'holding-care.score': 'Score the paper only, away from your hand.',
  'layer-cut': '{$layer :name}, {$wide :tape} by {$high :tape}',
  'holding-step.fuse': 'Fuse the {$layer :name} to the back. Press and lift, don’t slide; let it cool.',
  'holding-step.spray-on': 'Spray the {$layer :name}, never the cloth. Press it on the back, edges down.',
  'holding-step.lower-under': 'Lay the outer ring down, bracket toward the carriage. Lay backing and cloth over it.',
  'holding-step.lower-under.bare': 'Lay the outer ring down, bracket toward the carriage. Lay only the cloth over it.',
  'holding-step.inner-round':
    'Turn the inner ring the right way round: marks readable, arrow at the top. Notches on the marks.',
  'holding-step.inner-round.off':
    'Turn the inner ring the right way round: marks readable, arrow at the top. Notches {$notches :name}, square to the dots.',
  'holding-step.lay-on':
    'Lay the marks on the cross-hair, the cross first, then press outward. Grip at the edges, not over the design.',
  'holding-step.lay-on.off':
    'Lay the piece so the cross-hair is {$notches :name}, square to the dots, then press outward. Grip at the edges, not over the design.',
  'holding-step.clamp-marks': 'Cloth over it, the marks on the notches. Smooth it from the middle.',
  'holding-step.clamp-marks.off':
    'Cloth over it, the notches {$notches :name}, square to the dots. Smooth it from the middle.',
  'holding-step.slide-under':
    'At the machine, with the hoop on, slide the backing under, {40 :tape} larger than the design all round.',
  'holding-step.slide-under.cut':
    'At the machine, with the hoop on, slide the {$layer :name} under, {$wide :tape} by {$high :tape}, {40 :tape} larger than the design all round.',
  'holding-step.slide-under.layer':
    'At the machine, with the hoop on, slide the {$layer :name} under, {40 :tape} larger than the design all round.',
  'holding-step.top': 'Lay the {$layer :name} on top; tape or pin its corners outside the field.',
  'holding-step.top-taped': 'Lay the {$layer :name} on top; tape its corners outside the field.',
  'holding-step.top-wet': 'Lay the {$layer :name} on top; wet its corners, or tape them, outside the field.',
} as const
