// What app/metro.config.js leaves out of packages must not be called: a build with such a call would open, and break at the call.
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import ts from 'typescript'

/** Under which name the sources ask for what a package brings. */
const CALLED = { 'react-native-web': 'react-native', '@rneui/base': '@rneui/themed' }
const bare = (name) =>
  path
    .basename(name)
    .replace(/\.[jt]sx?$/, '')
    .toLowerCase()

/** Every source under a folder. */
function sourcesIn(folder) {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => path.join(entry.parentPath ?? entry.path, entry.name))
}

/** The values a source takes by name, each with the package it takes it from. */
function taken(file) {
  const { statements } = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest)
  return statements.flatMap((one) => {
    const names = ts.isImportDeclaration(one) && !one.importClause?.isTypeOnly && one.importClause?.namedBindings
    if (!names || !ts.isNamedImports(names)) return []
    const from = one.moduleSpecifier.text
    return names.elements
      .filter((element) => !element.isTypeOnly)
      .map((element) => ({ from, name: (element.propertyName ?? element.name).text }))
  })
}

/** `left`: what was asked for by which package and left out; answers with a line for each that a source in `folders` takes. */
export function stubsCalled(left, folders) {
  const out = new Set(left.map(({ of, by }) => `${CALLED[by] ?? by} ${bare(of)}`))
  return folders.flatMap(sourcesIn).flatMap((file) =>
    taken(file)
      .filter(({ from, name }) => out.has(`${from} ${name.toLowerCase()}`))
      .map(({ from, name }) => `${name} of ${from} in ${file}`),
  )
}
