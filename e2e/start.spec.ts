import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { expect, test } from './server'

const root = path.resolve(__dirname, '..')
const start = (env: Record<string, string>) =>
  spawnSync(process.execPath, ['tools/start.mjs'], {
    cwd: root,
    env: { ...process.env, ...env },
    encoding: 'utf8',
    timeout: 60_000,
  })

test('what stands in the way of a start is said in one sentence with the remedy', async ({ shop }) => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-start-'))
  const taken = start({ PORT: String(shop.port), ZT_DATA: folder })
  expect([taken.status, taken.stderr.trim()]).toEqual([
    1,
    `Port ${shop.port} is taken: stop the other program, or choose another with PORT=4821.`,
  ])

  const odd = start({ PORT: 'eighty', ZT_DATA: folder })
  expect([odd.status, odd.stderr.trim()]).toEqual([1, 'PORT eighty is not a port: choose a number from 1 to 65535.'])

  const file = path.join(folder, 'a-file')
  writeFileSync(file, '')
  const unwritable = start({ PORT: '0' + String(shop.port + 1), ZT_DATA: file })
  expect(unwritable.status).toBe(1)
  expect(unwritable.stderr).toMatch(/^The data folder .* cannot be written: .*ZT_DATA.*\n$/)
})
