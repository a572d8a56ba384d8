import type { BackingKind } from './stack'

/**
 * How much one sheet carries: a light one 1, a medium one 2, a heavy one 3 (craft.md section 5: a medium load takes one
 * medium layer or two light).
 */
export const strengths: Readonly<Record<BackingKind, number>> = {
  'tear-away-light': 1,
  'tear-away-medium': 2,
  'tear-away-fusible': 1,
  'tear-away-sticky': 1,
  'part-soluble': 1,
  'part-soluble-fusible': 1,
  'part-soluble-sticky': 1,
  'wash-away': 1,
  'wash-away-sticky': 1,
  'cut-away-mesh': 1,
  'cut-away-mesh-fusible': 1,
  'cut-away-medium': 2,
  'cut-away-heavy': 3,
  'interfacing-fusible': 1,
}

/** Whether what is left of it when the piece is finished holds the stitches for good. */
export const staysFor = (kind: string): boolean => kind.startsWith('cut-away')
export const isSticky = (kind: string): boolean => kind.endsWith('-sticky')
