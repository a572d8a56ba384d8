// npm run bench: the figures that are aimed at, measured on this machine, as a table.
import { must, requireNode, requirePackages } from './environment.mjs'

requireNode()
await requirePackages()
const { build } = await import('./build.mjs')
await build()
await must('Measuring', 'npx', ['tsx', 'e2e/benchmarks/bench.ts'], { quiet: false })
