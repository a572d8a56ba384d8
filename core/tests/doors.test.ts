import { execFileSync } from 'node:child_process'
import { exports as doors } from '../package.json'

it('opens every door in Node’s own module loader', () => {
  const names = Object.keys(doors).map((door) => door.replace('.', '@thimble/core'))
  const script = `
    const loaded = []
    for (const name of ${JSON.stringify(names)}) loaded.push([name, Object.keys(await import(name)).length > 0])
    console.log(JSON.stringify(loaded))`
  const said = execFileSync(process.execPath, ['--import', 'tsx', '--input-type=module', '--eval', script], {
    cwd: `${__dirname}/../..`,
    encoding: 'utf8',
  })
  expect(JSON.parse(said)).toEqual(names.map((name) => [name, true]))
})
