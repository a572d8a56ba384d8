/** What is said of marks: where they come too near, do not fit, or look odd. */
export const placing = {
  'uneven.halves': 'The halves differ by {$by :tape}. The cross stays true to {$kept :name}; {$moved :name}.',
  'uneven.leans':
    'The halves differ by {$by :tape}, the centre line leans {$lean :number}°. The cross stays true to {$kept :name}; {$moved :name}.',
  'uneven.no-difference': 'no difference here',
  'uneven.moved': 'true to {$other :name} would move it {$far :tape} {$way :name}',
  'uneven.moved-turned': 'true to {$other :name} would move it {$far :tape} {$way :name} and turn it {$turn :number}°',
  'uneven.to-right': 'to your right',
  'uneven.to-left': 'to your left',
  'uneven.worn-right': 'to your right (the wearer’s left)',
  'uneven.worn-left': 'to your left (the wearer’s right)',
  'true-to.neck': 'the neck',
  'true-to.body': 'the body',
  'true-to.line': 'your line',
  'true-to.edges': 'the edges',
  'place.past-edge': 'The design goes {$past :tape} past the item’s edge.',
  'place.near-edge': 'Only {$room :room} from the design to the item’s edge.',
  'place.in-zone': 'The design lies on the {$zone :name}.',
  'place.near-zone': 'Only {$room :room} from the design to the {$zone :name}; keep {$least :tape}.',
  'place.wider-than-item': 'The design is {$size :tape} wide and the item only {$room :tape}. Use a smaller one.',
  'place.higher-than-item': 'The design is {$size :tape} high and the item only {$room :tape}. Use a smaller one.',
  'place.designs-overlap': 'The designs overlap. Use fewer, or a smaller one.',
  'place.designs-near': 'The designs are under {$least :tape} apart.',
  'place.mirror-worn':
    'The back is up, so the wearer’s left is your left. Marks pinned through from the front change sides; don’t mirror the design.',
  'place.mirror': 'The other side is up. Marks pinned through from the front change sides; don’t mirror the design.',
  'place.marks-covered': 'The dots are under the design. Use marks that come out, and remove pins first.',
  'place.odd-distance': '{$name :name case=upper} {$mm :tape}: is that right? Usually {$usual :tape}.',
  'place.odd-measure': '{$name :name} {$mm :tape}: is that right? Usually {$from :tape} to {$to :tape}.',
  'place.runs-into': 'The design overlaps the one at {$place :name}.',
  'place.near-other': 'Only {$least :room} to the design at {$place :name}; keep {$keep :tape}.',
  'place.wider-than-fold':
    'The design is {$wide :tape} wide and the folded middle panel {$panel :tape}, so it runs over the folds.',
  'place.no-room-pocket':
    'Between neck and pocket there are {$room :tape} for a design; this one is {$high :tape} high.',
  'place.underarm-too-low':
    'With its bottom at the underarm the centre would be {$far :tape} below the shoulder point; it goes to {$lowest :tape}.',
  'place.below-underarm':
    'The cross lies {$far :tape} below the underarm. Chest designs sit level with it or a little above.',
  'place.sewn-shut': 'The stitches sew the pocket shut. Ask the wearer first.',
  'place.wider-than-pocket':
    'The design is {$wide :tape} wide and the pocket {$pocket :tape}: it’s wider than the pocket.',
  'distance.below': 'below {$line :name}',
  'distance.above': 'above {$line :name}',
  'distance.from': 'from {$line :name}',
  'distance.edge-below': '{$edge :name} below {$line :name}',
  'distance.edge-above': '{$edge :name} above {$line :name}',
  'distance.edge-from': '{$edge :name} from {$line :name}',
  'distance.centres-from': 'centres from {$line :name}',
  'distance.bottoms-from': 'bottoms of the designs from {$line :name}',
  'wrong.halves':
    'The halves at {$level :name} add up to {$sum :tape}, the whole is {$whole :tape}. Measure them again.',
  'wrong.half': 'That half is wider than the whole at {$level :name}, {$whole :tape}: measure both again.',
  'marks-out.chalk': 'Remove chalk marks: a brush, or a damp cloth for what stays in the weave.',
  'marks-out.wash-out-pen': 'Remove pen marks: cold water, before any iron or dryer.',
  'marks-out.crease': 'Remove crease marks: steam and pressing afterwards.',
} as const
