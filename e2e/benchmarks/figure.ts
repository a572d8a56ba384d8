export type Figure = { what: string; value: number; unit: string; aim: number | null }
