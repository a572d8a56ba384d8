const list = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/** “Sail, Flag and Hull”. */
export const joined = (names: readonly string[]): string => list.format(names)
