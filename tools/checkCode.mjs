// npm run check [room ...]: types and lint of the rooms. Both ask the same program of a room, and each file is checked in its own room alone.
import { ESLint } from 'eslint'
import path from 'node:path'
import ts from 'typescript'
import { root } from './environment.mjs'

/** Rooms that are checked in one program, by the settings of the last, which know most. A room uses those before it. */
const PROGRAMS = [['core'], ['contract', 'plan'], ['e2e', 'server'], ['app']]
/** What no program knows is linted with this one: plain scripts and configurations. */
const WITH_SCRIPTS = 'e2e'
const asked = process.argv.length > 2 ? process.argv.slice(2) : PROGRAMS.flat()

const owned = new Set()

function configOf(room) {
  const found = ts.getParsedCommandLineOfConfigFile(path.join(root, room, 'tsconfig.json'), {}, ts.sys)
  if (found.errors.length > 0) throw new Error(ts.formatDiagnostics(found.errors, plain))
  return found
}

const plain = {
  getCanonicalFileName: (file) => file,
  getCurrentDirectory: () => root,
  getNewLine: () => '\n',
}

function typeFaults(program, files) {
  const faults = [...program.getGlobalDiagnostics(), ...program.getOptionsDiagnostics()]
  for (const file of files) {
    const source = program.getSourceFile(file)
    faults.push(...program.getSyntacticDiagnostics(source), ...program.getSemanticDiagnostics(source))
  }
  return faults
}

async function lintFaults(files, parserOptions) {
  const typed = { files: ['**/*.ts', '**/*.tsx'], languageOptions: { parserOptions } }
  const eslint = new ESLint({ cwd: root, ...(parserOptions ? { overrideConfig: [typed] } : {}), warnIgnored: false })
  const results = await eslint.lintFiles(files)
  const faulty = results.filter(({ errorCount, warningCount }) => errorCount + warningCount > 0)
  return faulty.length > 0 ? (await eslint.loadFormatter('stylish')).format(faulty) : ''
}

let failed = false
for (const rooms of PROGRAMS.map((together) => together.filter((room) => asked.includes(room)))) {
  if (rooms.length === 0) continue
  const configs = rooms.map(configOf)
  const all = [...new Set(configs.flatMap(({ fileNames }) => fileNames))]
  const program = ts.createProgram(all, configs.at(-1).options)
  const files = all.filter((file) => !owned.has(file))
  for (const file of files) owned.add(file)
  const types = typeFaults(program, files)
  if (types.length > 0) console.log(ts.formatDiagnostics(types, plain))
  const lint = await lintFaults(files, { projectService: false, programs: [program] })
  const scripts = rooms.includes(WITH_SCRIPTS) ? await lintFaults(['**/*.{js,mjs,cjs}'], null) : ''
  if (lint || scripts) console.log(lint + scripts)
  failed ||= types.length > 0 || lint !== '' || scripts !== ''
}
process.exit(failed ? 1 : 0)
