import { words } from '../words'

const counted = words({
  block: '.input {$n :number} .match $n one {{{$n :number} block}} * {{{$n :number} blocks}}',
  'bobbin-change': '.input {$n :number} .match $n one {{{$n :number} bobbin change}} * {{{$n :number} bobbin changes}}',
  change: '.input {$n :number} .match $n one {{{$n :number} change}} * {{{$n :number} changes}}',
  'colour-change': '.input {$n :number} .match $n one {{{$n :number} colour change}} * {{{$n :number} colour changes}}',
  colour: '.input {$n :number} .match $n one {{{$n :number} colour}} * {{{$n :number} colours}}',
  jump: '.input {$n :number} .match $n one {{{$n :number} jump}} * {{{$n :number} jumps}}',
  line: '.input {$n :number} .match $n one {{{$n :number} line}} * {{{$n :number} lines}}',
  minute: '.input {$n :number} .match $n one {{{$n :number} minute}} * {{{$n :number} minutes}}',
  name: '.input {$n :number} .match $n one {{{$n :number} name}} * {{{$n :number} names}}',
  needle: '.input {$n :number} .match $n one {{{$n :number} needle}} * {{{$n :number} needles}}',
  bobbin: '.input {$n :number} .match $n one {{{$n :number} bobbin}} * {{{$n :number} bobbins}}',
  offcut: '.input {$n :number} .match $n one {{{$n :number} offcut}} * {{{$n :number} offcuts}}',
  other: '.input {$n :number} .match $n one {{{$n :number} other}} * {{{$n :number} others}}',
  photo: '.input {$n :number} .match $n one {{{$n :number} photo}} * {{{$n :number} photos}}',
  piece: '.input {$n :number} .match $n one {{{$n :number} piece}} * {{{$n :number} pieces}}',
  'built-piece': '.input {$n :number} .match $n one {{{$n :number} built piece}} * {{{$n :number} built pieces}}',
  reason: '.input {$n :number} .match $n one {{{$n :number} reason}} * {{{$n :number} reasons}}',
  sheet: '.input {$n :number} .match $n one {{{$n :number} sheet}} * {{{$n :number} sheets}}',
  step: '.input {$n :number} .match $n one {{{$n :number} step}} * {{{$n :number} steps}}',
  stitch: '.input {$n :number} .match $n one {{{$n :number} stitch}} * {{{$n :number} stitches}}',
  strike: '.input {$n :number} .match $n one {{{$n :number} strike}} * {{{$n :number} strikes}}',
  thing: '.input {$n :number} .match $n one {{{$n :number} thing}} * {{{$n :number} things}}',
  trim: '.input {$n :number} .match $n one {{{$n :number} trim}} * {{{$n :number} trims}}',
})

/** A thing that is counted by itself; whatever else is counted has a sentence in its place. */
export type Counted = Parameters<typeof counted>[0]

/** So many of one thing. @example many(3, 'piece') // '3 pieces' */
export const many = (n: number, thing: Counted): string => counted(thing, { n })
