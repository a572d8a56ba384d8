// npm run endure: kills and hostile requests by the hundred, against the program as it is built. KILLS, REQUESTS and SEED set how.
import { must, requireNode, requirePackages } from './environment.mjs'

requireNode()
await requirePackages()
const { build } = await import('./build.mjs')
await build()
await must('Enduring', 'npx', ['tsx', 'e2e/endure/endure.ts'], { quiet: false })
