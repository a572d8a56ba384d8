// npm run backup [-- --demo] [-- FILE]: copies the shop, open or not, to a file that is whole by itself.
import path from 'node:path'
import { requireNode, requirePackages, root, run } from './environment.mjs'

requireNode()
await requirePackages()
const { build, built } = await import('./build.mjs')
await build()

const which = process.argv.includes('--demo') ? 'demo' : 'shop'
const [named] = process.argv.slice(2).filter((word) => !word.startsWith('--'))
const base = path.resolve(process.env.ZT_DATA ?? path.join(root, 'data'))
const moment = new Date().toISOString().slice(0, 19).replace(/:/g, '')
const copy = path.resolve(named ?? path.join(base, 'backups', `${which}-${moment}.db`))
const { code } = await run(
  'Copying',
  process.execPath,
  [built.server, '--data', path.join(base, which), '--backup', copy],
  { quiet: false },
)
process.exit(code)
