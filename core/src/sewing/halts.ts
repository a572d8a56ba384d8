/** What a machine stops for after a block: another thread, cloth to lay, cloth to trim. */
export const halts = ['colour', 'lay', 'trim'] as const
export type Halt = (typeof halts)[number]
