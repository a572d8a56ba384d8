// npm run words: every text a person reads, against docs/words.md: words it bans, and sentences that are too long.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import ts from 'typescript'
import { root } from './environment.mjs'

const MOST_WORDS = 20
/** Of a hundred sentences so many may be longer. */
const MOST_LONG = 5

/** What is not said, and what is said in its place. */
const BANNED = [
  [/\b(?<!inner |outer |Inner |Outer )ring\b(?! light)/, 'hoop'],
  [/\bfabric\b/i, 'cloth'],
  [/\bstack\b/i, 'layers'],
  [/\bthroat\b/i, 'under the machine arm'],
  [/\b(house )?habits?\b/i, 'preference'],
  [/\bbehind the thimble\b/i, 'preference'],
  [/\bruns?\b(?= (sheet|of|is put|is reckoned|in work))/i, 'order, or stitching'],
  [/\bticket\b/i, 'piece'],
  [/\bBuild\b/, 'Layers'],
  [/\bfor whom\b/i, 'customer'],
  [/\bstand-in\b/i, 'practice machine'],
  [/\baskew\b/i, 'crooked'],
  [/\b(anew|reckon(ed|s|ing)?|whereof|thereof)\b/i, 'plain English'],
  [/\bat the least\b/i, 'at least'],
  [/\bas it comes\b/i, 'plain English'],
  [/\bof one’s own\b/i, 'your own'],
  [/\b(Take|take) (it|them) (in|out of)\b/, 'Import, or Remove'],
  [/, let go\b/i, 'remove'],
  [/\b(turn|turned|turns) out\b/i, 'remove'],
  [/\bmiddling\b/i, 'mid-tone'],
  [/\blaptop\b/i, 'shop computer'],
  [/\bthe server\b/i, 'the shop computer'],
  [/\bto be redone\b/i, 'redo'],
]

const files = execFileSync(
  'git',
  [
    'ls-files',
    '-co',
    '--exclude-standard',
    'core/src',
    'language/src',
    'contract/src',
    'plan/src',
    'server/src',
    'app/src',
    'app/app',
  ],
  {
    cwd: root,
    encoding: 'utf8',
  },
)
  .split('\n')
  // Texts for whoever starts or programs the server are not read by who sews.
  .filter((file) => /\.tsx?$/.test(file) && !/^server\/src\/(main|db|api|http\/api|http\/\w+Routes)/.test(file))

/** Arguments that are conditions, ids or messages for a program. */
const NOT_READ = /^(when|asks|uses|gripped|has|held|skipped|require|Error|StartError|import|describe)$/

function textsOf(file) {
  const source = ts.createSourceFile(
    file,
    readFileSync(path.join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  )
  const found = []
  const add = (node, text) => {
    // What fills a slot is a word like another.
    const said = text
      .replace(/\{[$\d][^{}]*\}/g, '7')
      .replace(/\s+/g, ' ')
      .trim()
    if (/[a-z]{2,} [a-zA-Z’{]/.test(said) || /^[A-Z][a-z]+$/.test(said))
      found.push({ said, at: `${file}:${source.getLineAndCharacterOfPosition(node.getStart()).line + 1}` })
  }
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return
    if (ts.isTaggedTemplateExpression(node)) return
    const parent = node.parent
    const called =
      parent && (ts.isCallExpression(parent) || ts.isNewExpression(parent)) ? parent.expression.getText() : ''
    if (ts.isStringLiteralLike(node)) {
      if (!NOT_READ.test(called)) add(node, node.text)
    } else if (ts.isTemplateExpression(node)) {
      if (!NOT_READ.test(called))
        add(node, node.head.text + node.templateSpans.map((s) => `7${s.literal.text}`).join(''))
    } else if (ts.isJsxText(node)) add(node, node.text)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

/**
 * Texts have one room. What stays elsewhere is not read by who sews: conditions and the names of plans for docs/rules.md,
 * words that items are looked for by, the marks on paper, and what whoever runs the shop computer reads.
 */
const ELSEWHERE =
  /^(language\/|core\/src\/(recipe\/|template\/|placement\/everydayNames|design\/svg\/viewport)|plan\/src\/upgrade\/|server\/src\/(devices\/sewing\/sewingMachines|http\/streamed|phones\/certificates|stores\/readableRows))/
/** The program’s own name, and ids of two words. */
const IDS = /^(Zealous Thimble|read and measured|who sews|stitch list|SVG drawing|not turned)$/

const texts = files
  .flatMap(textsOf)
  .filter(
    ({ said }) =>
      !/^[a-z0-9.-]+$|^on (the server|every device)$|^(SELECT|INSERT|PRAGMA|CREATE|WITH|UPDATE|DELETE)\b|[<>]|=>|var\(|\b\d+px\b/.test(
        said,
      ),
  )
const faults = texts.flatMap(({ said, at }) =>
  BANNED.flatMap(([pattern, instead]) => (pattern.test(said) ? [`${at}: “${said}”: say ${instead}`] : [])),
)
const sentences = texts.flatMap(({ said, at }) =>
  said
    .split(/(?<=[.!?:;])\s+/)
    .map((sentence) => ({ at, sentence, words: sentence.split(/\s+/).filter((word) => /\w/.test(word)).length }))
    .filter(({ words }) => words > 2),
)
const long = sentences.filter(({ words }) => words > MOST_WORDS)
if (long.length * 100 > sentences.length * MOST_LONG)
  faults.push(...long.map(({ at, sentence, words }) => `${at}: ${words} words: “${sentence}”`))
for (const { said, at } of texts)
  if (/[a-z]{2,} [a-zA-Z’“{\d]/.test(said) && !ELSEWHERE.test(at) && !IDS.test(said))
    faults.push(`${at}: “${said}”: say it in language/src/en`)
for (const fault of faults) console.error(fault)
console.log(`${texts.length} texts, ${sentences.length} sentences, ${long.length} of them over ${MOST_WORDS} words`)
if (faults.length > 0) process.exit(1)
