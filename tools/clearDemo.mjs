import { rmSync } from 'node:fs'

/** Clears away what workOutDemo made. */
export default () => rmSync(process.env.THIMBLE_READY_DEMO, { recursive: true, force: true })
