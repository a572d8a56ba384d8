// What jest does before the suites of a room: all of them bundled together, which asks for each module once, and the demo worked out.
import { build } from 'esbuild'
import { mkdtempSync, readdirSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { options } from './bundledSuite.cjs'
import { root } from './environment.mjs'
import { workOutDemo } from './workOutDemo.mjs'

/** Rooms that know nothing of the demo. */
const WITHOUT_DEMO = ['core', 'language']

export default async function setUpSuites({ testPathPattern }, { displayName: { name: room } }) {
  process.env.THIMBLE_READY ??= mkdtempSync(path.join(os.tmpdir(), 'thimble-ready-'))
  if (!WITHOUT_DEMO.includes(room) && !process.env.THIMBLE_READY_DEMO) {
    process.env.THIMBLE_READY_DEMO = path.join(process.env.THIMBLE_READY, 'demo.json')
    await workOutDemo(process.env.THIMBLE_READY_DEMO)
  }
  // One suite asked for by name is bundled when it is read.
  if (testPathPattern) return
  process.env.THIMBLE_READY_SUITES = path.join(process.env.THIMBLE_READY, 'suites')
  const suites = readdirSync(path.join(root, room, 'tests')).filter((name) => name.endsWith('.test.ts'))
  const entryPoints = suites.map((name) => path.join(root, room, 'tests', name))
  await build({ ...options, entryPoints, outdir: process.env.THIMBLE_READY_SUITES, outbase: root })
}
