/** “2,122”. */
export const countText = (n: number): string => n.toLocaleString('en-GB')
