// By its default: Node's own loader sees a CommonJS file as that alone, and a bundler takes it as well.
import opentype from 'opentype.js'

export const { parse } = opentype
