export const differencePhrases = {} as const
