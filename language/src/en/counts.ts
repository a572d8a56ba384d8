import { words } from '../words'

const counted = words({
  block: '.input {$n :count} .match $n one {{{$n :count} block}} * {{{$n :count} blocks}}',
  'bobbin-change': '.input {$n :count} .match $n one {{{$n :count} bobbin change}} * {{{$n :count} bobbin changes}}',
  change: '.input {$n :count} .match $n one {{{$n :count} change}} * {{{$n :count} changes}}',
  'colour-change': '.input {$n :count} .match $n one {{{$n :count} colour change}} * {{{$n :count} colour changes}}',
  colour: '.input {$n :count} .match $n one {{{$n :count} colour}} * {{{$n :count} colours}}',
  jump: '.input {$n :count} .match $n one {{{$n :count} jump}} * {{{$n :count} jumps}}',
  line: '.input {$n :count} .match $n one {{{$n :count} line}} * {{{$n :count} lines}}',
  minute: '.input {$n :count} .match $n one {{{$n :count} minute}} * {{{$n :count} minutes}}',
  name: '.input {$n :count} .match $n one {{{$n :count} name}} * {{{$n :count} names}}',
  needle: '.input {$n :count} .match $n one {{{$n :count} needle}} * {{{$n :count} needles}}',
  bobbin: '.input {$n :count} .match $n one {{{$n :count} bobbin}} * {{{$n :count} bobbins}}',
  offcut: '.input {$n :count} .match $n one {{{$n :count} offcut}} * {{{$n :count} offcuts}}',
  other: '.input {$n :count} .match $n one {{{$n :count} other}} * {{{$n :count} others}}',
  photo: '.input {$n :count} .match $n one {{{$n :count} photo}} * {{{$n :count} photos}}',
  piece: '.input {$n :count} .match $n one {{{$n :count} piece}} * {{{$n :count} pieces}}',
  'built-piece': '.input {$n :count} .match $n one {{{$n :count} built piece}} * {{{$n :count} built pieces}}',
  reason: '.input {$n :count} .match $n one {{{$n :count} reason}} * {{{$n :count} reasons}}',
  sheet: '.input {$n :count} .match $n one {{{$n :count} sheet}} * {{{$n :count} sheets}}',
  step: '.input {$n :count} .match $n one {{{$n :count} step}} * {{{$n :count} steps}}',
  stitch: '.input {$n :count} .match $n one {{{$n :count} stitch}} * {{{$n :count} stitches}}',
  strike: '.input {$n :count} .match $n one {{{$n :count} strike}} * {{{$n :count} strikes}}',
  thing: '.input {$n :count} .match $n one {{{$n :count} thing}} * {{{$n :count} things}}',
  trim: '.input {$n :count} .match $n one {{{$n :count} trim}} * {{{$n :count} trims}}',
})

/** A thing that is counted by itself; whatever else is counted has a sentence in its place. */
export type Counted = Parameters<typeof counted>[0]

/** So many of one thing. @example many(3, 'piece') // '3 pieces' */
export const many = (n: number, thing: Counted): string => counted(thing, { n })
