/** Marks what holds a page to the window's size, so that print lets go of it (tools/quickStart). */
export const frame = { dataSet: { frame: '' } } as object
