/* All that becomes a PDF as one script: what it is made with is large and seldom wanted. */
// Fetched when it is asked for, which the check cannot follow.
// ts-unused-exports:disable-next-line
export { quotePdf } from './quotePdf'
// ts-unused-exports:disable-next-line
export { runSheetPdf } from './runSheetPdf'
// ts-unused-exports:disable-next-line
export { templatePdf } from './templatePdf'
