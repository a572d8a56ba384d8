// npm run docs: every path, link and name in the docs has to be there.
import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { root } from './environment.mjs'

/** The sheets come from outside and the rules are written by the program. */
const NOT_OURS = new Set(['docs/core.md', 'docs/craft.md', 'docs/words.md', 'docs/rules.md'])
const ROOMS = ['core', 'language', 'contract', 'plan', 'server', 'app']
const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { cwd: root, encoding: 'utf8' })
  .split('\n')
  .filter((file) => file && existsSync(path.join(root, file)))
const pages = files.filter((file) => file.endsWith('.md') && !NOT_OURS.has(file))
const sources = files.filter((file) => /\.(tsx?|mjs|cjs|js|sql|json)$/.test(file) && !file.includes('package-lock'))

/** Every folder and file, with and without its ending, behind a slash: a path in the docs is the end of one. */
const places = new Set()
for (const file of files) {
  const parts = `/${file}`.split('/')
  for (let length = 2; length <= parts.length; length++) places.add(parts.slice(0, length).join('/'))
  places.add(`/${file.replace(/(\.test|\.spec)?\.\w+$/, '')}`)
}
const ends = [...places]
const words = new Set(
  sources.flatMap((file) => readFileSync(path.join(root, file), 'utf8').match(/[A-Za-z_]\w+/g) ?? []),
)

function isThere(named) {
  const [room, ...rest] = named.replace(/^@thimble\//, '').split('/')
  const inRoom = ROOMS.includes(room) ? `/${room}/src/${rest.join('/')}` : null
  const given = `/${named.replace(/^(\.\.\/)+|\/$/g, '')}`
  return ends.some((end) => end.endsWith(given) || (inRoom !== null && end === inRoom.replace(/\/$/, '')))
}

/** What is wrong with one thing in backticks; null where it is there or is no name of ours. */
function faultOf(said) {
  if (
    /^(npm|npx|node|git|GET|PUT|POST|PATCH|DELETE|http|data\/|phones\/|\/|-)/.test(said) ||
    /[\s*<>{}()=:"“…]/.test(said)
  )
    return null
  if (/^(@thimble\/)?[\w.-]+(\/[\w.[\]-]+)+\/?$/.test(said)) return isThere(said) ? null : 'is no path'
  if (/^[a-z]+[A-Z]\w*$|^[A-Z][a-z]+[A-Z]\w*$/.test(said)) return words.has(said) ? null : 'is no name in the code'
  return null
}

let faults = 0
const complain = (page, line, what) => {
  console.log(`${page}:${line + 1}: ${what}`)
  faults++
}
for (const page of pages)
  readFileSync(path.join(root, page), 'utf8')
    .split('\n')
    .forEach((text, line) => {
      for (const [, said] of text.matchAll(/`([^`\n]+)`/g)) {
        const fault = faultOf(said)
        if (fault) complain(page, line, `“${said}” ${fault}`)
      }
      for (const [, link] of text.matchAll(/\]\(([^)#\s]+)/g))
        if (!/^\w+:/.test(link) && !existsSync(path.join(root, path.dirname(page), link)))
          complain(page, line, `leads to ${link}, which is not there`)
    })
process.exit(faults > 0 ? 1 : 0)
