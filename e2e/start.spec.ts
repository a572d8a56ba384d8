import { spawn, spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { ENDURE, expect, test } from './server'

const root = path.resolve(__dirname, '..')
const start = (env: Record<string, string>) =>
  spawnSync(process.execPath, ['tools/start.mjs'], {
    cwd: root,
    env: { ...process.env, ...env },
    encoding: 'utf8',
    timeout: 60_000,
  })

test('what stands in the way of a start is said in one sentence with the remedy', { tag: ENDURE }, async ({ shop }) => {
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

test('asking npm to stop closes the shop behind it, and the next start finds everything', async () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-start-'))
  const port = 20_000 + Math.floor(Math.random() * 20_000)
  const url = `http://127.0.0.1:${port}/api/v1`
  const open = async () => {
    const npm = spawn('npm', ['start'], { cwd: root, env: { ...process.env, PORT: String(port), ZT_DATA: folder } })
    await new Promise<void>((resolve) =>
      npm.stdout.on('data', (text) => String(text).includes('is open at') && resolve()),
    )
    return npm
  }
  const isUp = () =>
    fetch(`${url}/health`).then(
      (answer) => answer.ok,
      () => false,
    )

  const first = await open()
  await fetch(`${url}/shop`, {
    method: 'PATCH',
    body: '{"name":"Boatyard loft"}',
    headers: { 'content-type': 'application/json' },
  })
  // A second start on the same folder is refused, and the first goes on.
  const twice = start({ PORT: String(port + 1), ZT_DATA: folder })
  expect([twice.status, twice.stderr]).toEqual([1, expect.stringMatching(/^The shop in .* is open already: stop the/)])
  expect(await isUp()).toBe(true)
  first.kill('SIGTERM')
  await expect.poll(isUp).toBe(false)
  const second = await open()
  expect((await (await fetch(`${url}/shop`)).json()).name).toBe('Boatyard loft')
  second.kill('SIGTERM')
  await expect.poll(isUp).toBe(false)
})
