// The licences of what ships with the app and with its server, as one text beside the app.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { root } from './environment.mjs'

const LICENCE = /^(licen[cs]e|copying|notice|ofl)/i
/** The faces, which come as files and not as modules. */
const FACES = ['@fontsource/atkinson-hyperlegible-next', '@fontsource/bitter']

/** @param {string} site where the app lies @param {string[]} served the packages in the server's own bundle */
export function writeNotices(site, served) {
  const inApp = JSON.parse(readFileSync(path.join(root, 'app/.expo/shipped.json'), 'utf8'))
  const names = [...new Set([...inApp, ...served, ...FACES])].filter((name) => !name.startsWith('@thimble/')).sort()
  writeFileSync(path.join(site, 'notices.txt'), [HEAD, ...names.map(noticeOf)].join(`\n\n${'-'.repeat(72)}\n\n`))
}

const HEAD = 'Zealous Thimble is made with the open-source packages below. Their licences are theirs.'

function noticeOf(name) {
  const folder = [path.join(root, 'node_modules', name), path.join(root, 'app/node_modules', name)].find(existsSync)
  if (!folder) return name
  const { version, license } = JSON.parse(readFileSync(path.join(folder, 'package.json'), 'utf8'))
  const files = readdirSync(folder).filter((file) => LICENCE.test(file) && /(^[^.]*|\.(md|txt|markdown))$/i.test(file))
  const texts = files.map((file) => readFileSync(path.join(folder, file), 'utf8').trim())
  return [`${name} ${version}, ${license?.type ?? license ?? 'licence not named'}`, ...texts].join('\n\n')
}

/** The packages of a bundle, by the list of what went into it. @param {Record<string, unknown>} inputs */
export const packagesIn = (inputs) => [
  ...new Set(
    Object.keys(inputs).flatMap(
      (file) => /node_modules\/((?:@[^/]+\/)?[^/]+)\/(?!.*node_modules\/)/.exec(file)?.[1] ?? [],
    ),
  ),
]
