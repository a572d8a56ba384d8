/** What is wrong or right about layers that were put together by hand. */
export const judging = {
  'judge.dense-stretch':
    'Nothing stays under this dense design on stretchy cloth, so it pulls out of shape. Add cut-away.',
  'judge.nothing-in-ring': 'Floated cloth is pressed on hooped backing, and there’s none in the hoop.',
  'judge.no-backing': 'No backing, so the stitches pull the cloth together.',
  'judge.no-backing-heavy':
    'No backing under this much stitching pulls the cloth together. One sheet is better than none.',
  'judge.dense-one': 'Over 100 stitches per cm² on one sheet. Use two, crossed.',
  'judge.too-light': 'Too little for this density. Use one medium layer or two light ones.',
  'judge.dissolves-heavy': 'Wash-away alone only carries light designs. Once rinsed, nothing holds this one.',
  'judge.between-loose': 'The layer between cloth and sticky sheet is loose. Fuse or spray it to the cloth.',
  'judge.sticky-skin': 'Next to the skin, sticky tear-away only carries the piece. Put mesh between.',
  'judge.patch-shows': 'Firm cut-away shows through pale thin cloth. Use mesh, with tear-away below.',
  'judge.no-topping': 'No topping, so the pile swallows the stitches.',
  'judge.line-film': 'Permanent film sticks out on both sides of a line. Use wash-away film.',
  'judge.stiff': 'Stiff behind soft cloth. Less would carry it.',
  'judge.no-cover': 'Next to the skin without a soft cover, knots and stiff edges scratch.',
  'merit.stays': 'Cut-away stays for the garment’s life.',
  'merit.mesh-pale': 'Mesh leaves no patch on pale cloth.',
  'merit.fused': 'Fused, cloth and backing act as one.',
  'merit.leaves-clean': 'It comes off and leaves a clean back.',
  'merit.topping': 'Film keeps the stitches on top of the pile.',
  'judge.fuse-no-heat': '{$cloth :name case=upper} can’t be fused. Spray it, or use sticky backing.',
  'judge.heat-film': 'Heat-away film needs an iron, and {$cloth :name} can’t be ironed. Use wash-away film.',
  'judge.knit-tears':
    'It stretches {$percent :number} %. Once it’s torn off, nothing holds the stitches in the wash. Cut-away stays.',
  'judge.water': 'It must be rinsed out, but water marks {$cloth :name}. Use tear-away.',
  'merit.carries':
    '.input {$sheets :number} .match $sheets one {{One layer carries this density.}} * {{{$sheets :number} layers carry this density.}}',
} as const
