// npm run bench: the figures that are aimed at, measured on this machine; `npm run bench -- typing` only those.
import { must, requireNode, requirePackages } from './environment.mjs'

requireNode()
await requirePackages()
const { build } = await import('./build.mjs')
await build()
await must('Measuring', 'npx', ['tsx', 'e2e/benchmarks/bench.ts', ...process.argv.slice(2)], { quiet: false })
