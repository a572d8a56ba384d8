/**
 * Steps with the tape, each at most two numbers; and what a placement comes to in one line. Some are only kept, by pieces
 * that were marked with an older version.
 */
export const placement = {
  'step.crease': 'Fold the side seams together and crease the front lightly, {$half :tape} from each seam.',
  'step.crease-back': 'Fold the side seams together and crease the back lightly, {$half :tape} from each seam.',
  'step.crease-panel': 'Fold edge to edge lengthwise and crease the centre line, {$half :tape} from each edge.',
  'step.crease-across': 'Fold it the other way, edge to edge, and crease the middle, {$half :tape} from each edge.',
  'step.crease-hood':
    'Crease from the hood’s crossing to the middle of the pocket, {$half :tape} from each end of its top.',
  'step.crease-cuff': 'Fold the cuff end to end and crease it, {$half :tape} from each end.',
  'step.crease-leg': 'Crease the middle of the leg, {$half :tape} from each edge at the hem.',
  'step.fold':
    'Fold the side seams together. Mark both ends of the fold with {$means :name}, {$half :tape} from each seam.',
  'step.fold-back':
    'Fold the side seams together. Mark both ends of the back’s fold with {$means :name}, {$half :tape} from each seam.',
  'step.fold-panel':
    'Fold edge to edge lengthwise. Mark both ends of the fold with {$means :name}, {$half :tape} from each edge.',
  'step.fold-across':
    'Fold it the other way, edge to edge. Mark both ends of the fold with {$means :name}, {$half :tape} from each edge.',
  'step.fold-hood':
    'Mark the hood’s crossing and the middle of the pocket with {$means :name}, {$half :tape} from each end of its top. The line runs between them.',
  'step.fold-cuff': 'Fold the cuff end to end and mark the fold with {$means :name}, {$half :tape} from each end.',
  'step.fold-leg': 'Mark the middle of the leg with {$means :name}, {$half :tape} from each edge at the hem.',
  'step.fold-sleeve':
    'Lay the sleeve flat on its underside seam. Mark the fold on top with {$means :name}, then open it with the marks in the middle.',
  'step.fold-diagonal':
    'Fold the corner edge to edge and mark both ends of the fold with {$means :name}: the diagonal.',
  'step.line-cross': 'From the point go {$far :tape} along the diagonal: mark the cross.',
  'step.line-foot': 'From the point go {$near :tape} along the diagonal: the bottom of the design.',
  'step.dots-line':
    'Dots {$along :tape} both ways from the cross along the diagonal, {$across :tape} both ways square to it.',
  'step.arrow-line': 'Arrow on the diagonal beyond the dot, toward {$top :name}.',
  'step.line-body': 'Mark the middle of each width you measured and join them: the body’s centre line.',
  'step.line-kept': 'Keep the line you measured the halves from. It’s the centre line.',
  'step.line-neck':
    'Mark the middle of the neck, {$half :tape} from each shoulder point. Chalk a line straight down from it.',
  'step.feel-pocket': 'Feel for the pocket’s edges from outside and chalk its top. Keep all of it out of the hoop.',
  'step.pocket-middle': 'Mark the middle of the pocket’s top, {$half :tape} from each end, and draw a line up from it.',
  'step.face-down': 'Turn it face down and smooth it flat.',
  'step.sleeve':
    'Lay the sleeve flat on its underside seam and crease the fold on top. Open it with the crease in the middle.',
  'step.cuff': 'Open the wearer’s left cuff and lay it flat, outside up, the sleeve away from you.',
  'step.cuff-right': 'Open the wearer’s right cuff and lay it flat, outside up, the sleeve away from you.',
  'step.collar-right': 'Lay the wearer’s right collar flat, right side up, point to your lower right.',
  'step.collar': 'Lay the wearer’s left collar flat, right side up, point to your lower left.',
  'step.leg-front': 'Lay one leg flat, front up, with one seam along each edge.',
  'step.leg': 'Lay one leg flat, the wearer’s outside up, with its two seams on top of each other.',
  'step.cuff-down': 'Unfold any cuff. Sew a design for the turned-up cuff on the other side, upside down.',
  'step.snaps': 'Open the snaps so only the front goes into the hoop.',
  'step.seams-hem': 'Match the side seams and mark centre front and centre back on the hem.',
  'step.thirds': 'Fold in thirds lengthwise. The middle panel is {$panel :tape} wide.',
  'step.open-pillow': 'Open it on three sides and take the filling out. Only one layer goes into the hoop.',
  'step.open-toy': 'Open it and take the filling out. Keep all of it away from infants.',
  'step.wrong-side':
    'If it folds back over the blanket, lay it wrong side up, top hem toward you. That side will show.',
  'step.roll': 'Roll it up, mark the middle of the turn that shows, and unroll it again.',
  'step.face': 'The finished face is {$wide :tape} × {$high :tape}. Chalk it on the panel.',
  'step.cut': 'Cut the piece {$wide :tape} × {$high :tape} and chalk what will show on it.',

  'step.across-line': 'Draw a line straight up and down along {$line :name}.',
  'step.across': 'From {$line :name} go {$far :tape} to {$side :name}.',
  'step.across-draw': 'From {$line :name} go {$far :tape} to {$side :name} and draw a line straight up and down.',
  'step.across-edge':
    'From {$line :name} it’s {$near :tape} to the {$edge :name}. Go on to {$far :tape} and draw a line straight up and down.',
  'step.level-cross':
    'Lay a ruler level, {$far :tape} {$way :name} {$line :name}. Mark the cross where it meets your line.',
  'step.level-at': 'Mark the cross where {$line :name} meets your line.',
  'step.level-edge': 'Lay a ruler level, {$near :tape} {$way :name} {$line :name}: the {$edge :name}.',
  'step.level-edge-at': 'The {$edge :name} lies on {$line :name}.',
  'step.level-on': 'Go on to {$far :tape} {$way :name} {$line :name}: mark the cross.',
  'step.level-back': 'Go back to {$far :tape} {$way :name} {$line :name}: mark the cross.',
  'step.level-over': 'Go back over it, to {$far :tape} {$way :name} {$line :name}: mark the cross.',
  'step.level-back-at': 'Mark the cross on {$line :name} itself.',
  'step.across-edge-on':
    'From {$line :name} go {$near :tape} to {$side :name}: the {$edge :name}. Go on to {$far :tape} and draw a line straight up and down.',
  'step.across-edge-back':
    'From {$line :name} go {$near :tape} to {$side :name}: the {$edge :name}. Go back to {$far :tape} and draw a line straight up and down.',
  'step.across-edge-over':
    'From {$line :name} go {$near :tape} to {$side :name}: the {$edge :name}. For the cross go {$far :tape} to {$other :name} from {$line :name} and draw a line straight up and down.',
  'step.across-edge-at':
    'The {$edge :name} lies on {$line :name}. From it go {$far :tape} to {$side :name} and draw a line straight up and down.',
  'step.across-edge-line':
    'Draw a line straight up and down along {$line :name}. With the cross on it, the {$edge :name} is {$near :tape} to {$side :name}.',
  'step.depth': 'From {$line :name} go {$far :tape} straight {$way :name}. Mark the cross where the two meet.',
  'step.edge': 'From {$line :name} go {$near :tape} straight {$way :name}: the {$edge :name}.',
  'step.depth-on': 'Go on to {$far :tape} from {$line :name}: mark the cross.',
  'step.level': 'Check: the cross is level with the underarm.',
  'step.above-underarm': 'Check: the cross is {$far :tape} above the underarm line.',
  'step.below-underarm': 'Check: the cross is {$far :tape} below the underarm line.',

  'step.round': 'Mark centre front on {$edge :name}. All round it measures {$length :tape}.',
  'step.half': 'Fold {$edge :name} in half and mark its middle, {$half :tape} from each end.',
  'step.turn-edge': 'Turn it so that {$edge :name} lies toward you.',
  'step.row-hems': 'The row stays {$hem :tape} clear of each end, for the hem. Its middle is where the fold is.',
  'step.row-centres': 'Draw a line along it, {$rise :tape} from {$edge :name}, for the centres.',
  'step.row-feet':
    'Draw a line along it, {$rise :tape} from {$edge :name}. The bottoms are {$near :tape} from the edge.',
  'step.cross-front': 'On the line mark the first cross at the centre front.',
  'step.cross-middle': 'On the line mark the first cross at the middle.',
  'step.cross-back': 'Mark the last cross at centre back, {$far :tape} from centre front.',
  'step.crosses-front': 'Mark crosses {$far :tape} from centre front: to {$left :name}, and to {$right :name}.',
  'step.crosses-middle': 'Mark crosses {$far :tape} from the middle: to {$left :name}, and to {$right :name}.',
  'step.crosses-further': 'Mark crosses {$far :tape} and {$further :tape} from the middle, both ways.',
  'step.crosses-further-front': 'Mark crosses {$far :tape} and {$further :tape} from centre front, both ways.',
  'step.crosses-on': 'Continue both ways, {$pitch :tape} from cross to cross, {$count :number} more each way.',

  'step.corner-across':
    'At {$corner :name} corner go {$far :tape} in from the {$edge :name} edge and draw a line along that edge.',
  'step.corner-depth': 'Go {$far :tape} in from the {$edge :name} edge on that line: mark the cross.',
  'step.diagonal': 'Fold the corner edge to edge and crease it lightly: the diagonal.',
  'step.diagonal-cross': 'From the point go {$far :tape} along the crease: mark the cross.',
  'step.diagonal-foot': 'From the point go {$near :tape} along the crease: the bottom of the design.',
  'step.diagonal-on': 'Go on to {$far :tape} from the point: mark the cross.',
  'step.turn-end': 'Turn the piece end for end and mark the other end the same way.',
  'step.turn':
    'Turn the piece a quarter anticlockwise and mark the next corner the same way, until all four are marked.',

  'step.motif':
    'Cross {$n :number}: {$down :tape} {$way :name} {$line :name}, {$far :tape} to {$side :name} of the centre line.',
  'step.motif-centre': 'Cross {$n :number}: {$down :tape} {$way :name} {$line :name}, on the centre line.',
  'step.dots': 'Dots {$across :tape} left and right of the cross, {$up :tape} above and below it.',
  'step.dots-each': 'Dots {$across :tape} left and right of each cross, {$up :tape} above and below it.',
  'step.dots-diagonal':
    'Dots {$along :tape} both ways from the cross along the crease, {$across :tape} both ways square to it.',
  'step.arrow': 'Arrow beyond the upper dot, toward {$top :name}.',
  'step.arrow-each': 'Arrow beyond each upper dot, toward {$top :name}.',

  'step.arrow-by': 'Arrow beyond the {$side :name} dot: the top of the design.',
  'step.arrow-diagonal': 'Arrow on the crease beyond the dot, toward {$top :name}.',

  'at.centre-line': 'on the centre line',
  'at.line': 'on {$line :name}',
  'at.from-centre': '{$far :tape} from centre',
  'at.from-line': '{$far :tape} from {$line :name}',
  'placed.cross': 'Cross {$far :tape} {$way :name} {$line :name}, {$across :name}',
  'placed.on': 'Cross on {$line :name}, {$across :name}',
  'placed.motifs': 'Scattered motifs: {$count :number}, each with its own cross',
  'placed.row': 'Row of {$count :number}, the crosses {$rise :tape} from {$edge :name}',
  'placed.corner': 'Cross {$across :tape} and {$up :tape} in from the edges of {$corner :name}',
  'placed.corner-edges':
    'Cross {$across :tape} in from the {$upright :name} edge and {$up :tape} from the {$level :name} edge of {$corner :name}',
  'placed.diagonal': 'Cross {$far :tape} from the point of {$corner :name}, on its diagonal',
} as const
