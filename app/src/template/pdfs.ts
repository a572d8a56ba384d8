import { quotePdf } from './quotePdf'
import { batchSheetPdf } from './batchSheetPdf'
import { templatePdf } from './templatePdf'

/** All that becomes a PDF as one script: what it is made with is large and seldom wanted. */
// Fetched when it is asked for, which the check cannot follow.
// ts-unused-exports:disable-next-line
export const pdfs = { quotePdf, runSheetPdf: batchSheetPdf, templatePdf }
