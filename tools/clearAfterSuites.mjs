import { rmSync } from 'node:fs'

/** Clears away what setUpSuites made. */
export default () => rmSync(process.env.THIMBLE_READY, { recursive: true, force: true })
