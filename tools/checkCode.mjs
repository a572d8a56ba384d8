// npm run check [room ...]: types of these rooms, by the compiler that is a program of its own; then lint of all there is.
import path from 'node:path'
import { must, root } from './environment.mjs'

const ROOMS = ['core', 'language', 'contract', 'plan', 'server', 'e2e', 'app']
const asked = process.argv.length > 2 ? process.argv.slice(2) : ROOMS
const loud = { quiet: false }
const compiler = path.join(root, 'node_modules/typescript-native/bin/tsc')

for (const room of asked) await must(`Types of ${room}`, process.execPath, [compiler, '--noEmit', '-p', room], loud)
await must('Lint', 'npx', ['oxlint', '--quiet'], loud)
