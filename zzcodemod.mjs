// usage: node codemod.mjs ROOM [--write]
import ts from 'typescript'
import { readFileSync, writeFileSync, existsSync, mkdirSync } from 'node:fs'
import path from 'node:path'
const ROOM = process.argv[2],
  WRITE = process.argv.includes('--write')
const root = process.cwd()
const ONLY = process.argv.find((a) => a.startsWith('--only='))?.slice(7)
const cfgFile = ROOM === 'app' ? 'app/tsconfig.json' : `${ROOM}/tsconfig.json`
const cfg = ts.parseJsonConfigFileContent(
  ts.readConfigFile(cfgFile, ts.sys.readFile).config,
  ts.sys,
  path.dirname(path.resolve(cfgFile)),
)
const program = ts.createProgram(cfg.fileNames, cfg.options)
const checker = program.getTypeChecker()
const placeOf = (f) => {
  if (f.startsWith('core/')) {
    if (/placement\/(kinds|pair|placeAtCorners|measures|centreOf|everydayNames|trueTo)/.test(f)) return 'items'
    if (f === 'core/src/habits.ts') return 'habits'
    if (/core\/src\/marking|hooping\/loading\/orientLoading/.test(f)) return 'marking'
    if (/namedCloths/.test(f)) return 'cloths'
    if (
      /threadColours|proposeRoles|needleAndThread|ownRecord|recipe\/stash|recipeOf|outcomes|recipe\/names|template\//.test(
        f,
      )
    )
      return 'words2'
    return 'problems'
  }
  if (f.startsWith('app/src/features/')) {
    const [, , , feature, sub] = f.split('/')
    if (feature === 'piece')
      return (
        { measure: 'measure', hoop: 'hoop', finish: 'finish', stitching: 'stitch' }[sub] ??
        (/Build|Stack|Cloth|Thread(And|s)|Layer/.test(sub) ? 'layers' : /Stitch|Dial/.test(sub) ? 'stitch' : 'piece')
      )
    return { syncIssues: 'device', trash: 'device', phones: 'device' }[feature] ?? feature
  }
  if (f.startsWith('app/app/')) return 'program'
  const m = /^app\/src\/(\w+)\//.exec(f)
  if (m)
    return (
      { drawing: 'drawings', words: 'things', shared: 'things', template: 'papers', workers: 'reading' }[m[1]] ??
      'program'
    )
  return { server: 'shopComputer', contract: 'asked', plan: 'planning', core: 'problems' }[ROOM]
}
const SKIPCALL =
  /^(when|asks|uses|gripped|has|held|skipped|message|require|Error|StartError|import|describe|console\.\w+|useDraftForm|document\.\w+|localStorage\.\w+|sessionStorage\.\w+|\w*[rR]outer\.\w+|new URL|\w+\.(querySelector|querySelectorAll|getElementById|closest|addEventListener|removeEventListener|setRequestHeader|append|dispatchEvent|startsWith|endsWith|includes|indexOf|split|has|get|set|getContext|toDataURL|toBlob)|Symbol|RegExp|Object\.\w+|z\.(enum|literal)|BroadcastChannel|Event|CustomEvent|Worker|fetch|sql|text|integer|index|sqliteTable|customType)$/
const SKIPTEXT = new Set(JSON.parse(existsSync('/tmp/skip.json') ? readFileSync('/tmp/skip.json', 'utf8') : '[]'))
const KEYS =
  /^(Enter|Escape|Tab|Home|End|Backspace|Delete|Arrow\w+|PageUp|PageDown|Shift|Control|Alt|Meta|Space|Digit\w+|Key\w|Authorization|Content-Type|Accept|GET|POST|PUT|PATCH|DELETE|Blob|Image|Intl|AbortError|QuotaExceededError)$/
const TEXTATTR =
  /^(title|label|answer|aside|placeholder|aria-label|hint|note|question|legend|name|text|says|more|caution|heading|action|unit|prompt|problem|empty|what|of|about)$/
const NOTATTR =
  /^(href|id|testID|role|key|style|className|aria-labelledby|aria-describedby|aria-controls|nativeID|type|fill|stroke|d|viewBox|transform|points|fontFamily|icon|tone|kind|accept|inputMode|autoComplete|textAnchor|strokeDasharray|strokeLinecap|preserveAspectRatio|rel|target|to|from|place|width|height|enterKeyHint|src|lang|for|htmlFor|hrefAttrs|gradientUnits|dominantBaseline|fontWeight)$/
const looksText = (t) => {
  const s = t.trim()
  if (!s || SKIPTEXT.has(s) || /^[a-z]+(-[a-z]+)*(\.[a-z0-9-]+)+$/.test(s)) return false
  if (
    /[<>]|=>|var\(|\b\d+px\b|rgba?\(|^#|^\/|^https?:|^[a-z]+\/[a-z]|^M ?[\d{]|\bsolid\b .*#|^(SELECT|INSERT|PRAGMA|CREATE|WITH|UPDATE|DELETE|BEGIN|ALTER)\b|^@|^\.|^--|^\w+:$|^\w+\(|^(flex|grid|center|repeat)\b.*\(/.test(
      s,
    )
  )
    return false
  if (KEYS.test(s)) return false
  if (/[a-zé]{2,} [a-zA-Z’“{\d(]/.test(s)) return true
  if (/^[A-Z][a-zé’]+[a-z’ .:…?]*$/.test(s)) return true
  if (/ [a-z]{2,}/.test(s) && /[a-z]{2}/.test(s)) return true
  return false
}
const weak = (t) => {
  const s = t.trim()
  return (
    !!s &&
    !/^[a-z-]+(\.[a-z0-9-]+)+$/.test(s) &&
    !SKIPTEXT.has(s) &&
    /[a-z]{2,}|\b[A-Z]\b/.test(s) &&
    !/^[#/@.]|[<>]|^[a-z]+-[a-z-]+$|[a-z][A-Z]/.test(s) &&
    !KEYS.test(s)
  )
}
const isIdType = (n) => {
  const t = checker.getContextualType(n)
  if (!t) return false
  const parts = t.isUnion() ? t.types : [t]
  if (parts.some((p) => p.flags & ts.TypeFlags.String)) return false
  return (
    parts.some(
      (p) =>
        p.flags &
        (ts.TypeFlags.StringLiteral | ts.TypeFlags.TemplateLiteral | ts.TypeFlags.Number | ts.TypeFlags.NumberLiteral),
    ) || t.flags & ts.TypeFlags.TypeParameter
  )
}
const blocked = (n) => {
  // not a text by where it stands
  const p = n.parent
  if (ts.isPropertyAssignment(p) && p.name === n) return true
  if (ts.isElementAccessExpression(p)) return true
  if (ts.isBinaryExpression(p) && /^(===|!==|==|!=|in)$/.test(p.operatorToken.getText())) return true
  if (ts.isCaseClause(p)) return true
  if (ts.isTaggedTemplateExpression(p)) return true
  if (ts.isLiteralTypeNode(p)) return true
  if (ts.isEnumMember(p)) return true
  for (let a = n; a.parent; a = a.parent) {
    const q = a.parent
    if (ts.isCallExpression(q) || ts.isNewExpression(q)) {
      if (q.expression !== a && SKIPCALL.test(q.expression.getText())) return true
      if (q.expression !== a && /^(\w+)$/.test(q.expression.getText()) && q.expression.getText() === 't') return true
      break
    }
    if (ts.isJsxAttribute(q)) {
      if (NOTATTR.test(q.name.getText())) return true
      break
    }
    if (ts.isFunctionLike(q)) break
    if (
      ts.isPropertyAssignment(q) &&
      /^(id|role|kind|type|key|href|description|summary|tags|title_|fontFamily|tone|method|code|testID|inputMode|autoComplete|Accept|d)$/.test(
        q.name.getText(),
      )
    )
      return true
    if (ts.isAsExpression(q) && /const/.test(q.type.getText())) break
  }
  return isIdType(n)
}
const books = new Map() // place -> Map id->text
const bookOf = (p) => {
  if (!books.has(p)) books.set(p, new Map())
  return books.get(p)
}
const slug = (text) => {
  const s = text
    .replace(/\.input.*?\.match \$\w+ \w+ \{\{/, '')
    .replace(/\{\$\w+ :\w+\}/g, ' ')
    .replace(/[’']/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
    .split(' ')
    .slice(0, 5)
    .join('-')
  return s || 'x'
}
const byFile = {}
const idFor = (place, text) => {
  ;(byFile[current.f] ??= []).push(text)
  const b = bookOf(place)
  for (const [id, t] of b) if (t === text) return id
  let base = slug(text),
    id = base,
    i = 2
  while (b.has(id)) id = `${base}-${i++}`
  b.set(id, text)
  return id
}
const esc = (t) => t.replace(/[\\{}|]/g, (c) => (c === '|' ? c : '\\' + c))
const slotName = (e) => {
  while (ts.isParenthesizedExpression(e) || ts.isNonNullExpression(e)) e = e.expression
  if (ts.isIdentifier(e)) return e.text
  if (ts.isPropertyAccessExpression(e)) {
    if (e.name.text === 'length' || (e.name.text === 'size' && false)) return slotName(e.expression)
    return e.name.text
  }
  if (ts.isCallExpression(e)) {
    const n = ts.isPropertyAccessExpression(e.expression)
      ? /^(toLowerCase|trim|join|toFixed|toLocaleString|map|filter|slice|get)$/.test(e.expression.name.text)
        ? slotName(e.expression.expression)
        : e.expression.name.text
      : ts.isIdentifier(e.expression)
        ? /^(write|lengthText|Math|String|say|joined|t)$/.test(e.expression.text) && e.arguments[0]
          ? slotName(e.arguments[0])
          : e.expression.text
        : 'one'
    return n.replace(/(Text|Words|Name)$/, '') || 'one'
  }
  if (ts.isElementAccessExpression(e)) return slotName(e.expression)
  if (ts.isBinaryExpression(e)) return slotName(e.left)
  if (ts.isConditionalExpression(e)) return 'which'
  if (ts.isTemplateExpression(e)) return 'part'
  return 'one'
}
const kindOf = (e) => {
  const t = checker.getTypeAtLocation(e)
  const parts = t.isUnion() ? t.types : [t]
  if (parts.every((p) => p.flags & ts.TypeFlags.NumberLike)) return 'number'
  if (parts.every((p) => p.flags & ts.TypeFlags.StringLike)) return 'text'
  return 'mixed'
}
const report = []
let current
// returns replaced source of node, or null
function rewrite(n, ctx) {
  // generic: rebuild text with children replaced
  let out = '',
    pos = n.getStart(current.sf)
  const src = current.sf.text
  ts.forEachChild(n, (c) => {
    const r = visit(c, ctx)
    if (r !== null) {
      out += src.slice(pos, c.getStart(current.sf)) + r
      pos = c.getEnd()
    }
  })
  if (out === '') return null
  return out + src.slice(pos, n.getEnd())
}
const PRE = {
  items: 'item',
  habits: 'habit',
  marking: 'marking',
  cloths: 'cloth-named',
  words2: 'said',
  problems: 'problem',
}
const call = (id, fills) => {
  current.used = true
  if (ROOM === 'core') {
    const full = PRE[placeOf(current.f)] + '.' + id
    return fills && fills.length
      ? `message('${full}', { ${fills.map(([k, v]) => (k === v ? k : `${k}: ${v}`)).join(', ')} })`
      : `message('${full}')`
  }
  return fills && fills.length
    ? `t('${id}', { ${fills.map(([k, v]) => (k === v ? k : `${k}: ${v}`)).join(', ')} })`
    : `t('${id}')`
}
const wsNorm = (s) => s.replace(/\s+/g, ' ')
function oneMore(cond) {
  // X === 1
  let c = cond
  while (ts.isParenthesizedExpression(c)) c = c.expression
  if (ts.isBinaryExpression(c) && c.operatorToken.getText() === '===' && c.right.getText() === '1') return c.left
  return null
}
// parts: array of string | expression
function templ(parts, ctx) {
  const slots = [] // [name, code, exprText]
  const used = new Map()
  let plural = null
  for (const p of parts)
    if (typeof p !== 'string' && ts.isConditionalExpression(p)) {
      const x = oneMore(p.condition)
      if (x && [p.whenTrue, p.whenFalse].every((b) => ts.isStringLiteralLike(b) || ts.isTemplateExpression(b)))
        plural = x
    }
  const put = (e) => {
    const text = e.getText()
    if (used.has(text)) return used.get(text)
    let kind = kindOf(e),
      code = visit(e, { ...ctx, strong: true }) ?? text
    if (kind === 'mixed') {
      kind = 'text'
      code = `String(${code})`
    }
    let base = slotName(e).replace(/[^A-Za-z0-9]/g, '') || 'one',
      name = base,
      i = 2
    if (!/^[a-z]/.test(name)) base = name = 'one'
    while (slots.some(([n]) => n === name)) name = `${base}${i++}`
    slots.push([name, code])
    const s = `{$${name} :${kind}}`
    used.set(text, s)
    return s
  }
  const flat = (choice) =>
    parts
      .map((p) => {
        if (typeof p === 'string') return esc(p)
        if (choice && ts.isConditionalExpression(p) && oneMore(p.condition)?.getText() === plural.getText()) {
          const b = choice === 'one' ? p.whenTrue : p.whenFalse
          if (ts.isStringLiteralLike(b)) return esc(b.text)
          if (ts.isTemplateExpression(b))
            return esc(b.head.text) + b.templateSpans.map((s) => put(s.expression) + esc(s.literal.text)).join('')
        }
        return put(p)
      })
      .join('')
  let text
  if (plural) {
    const s = put(plural)
    const nm = /\$(\w+)/.exec(s)[1]
    text = `.input ${s} .match $${nm} one {{${flat('one')}}} * {{${flat('more')}}}`
  } else text = flat(null)
  return call(idFor(ctx.place, text), slots)
}
const partsOf = (n) =>
  [n.head.text, ...n.templateSpans.flatMap((s) => [s.expression, s.literal.text])].filter((x) => x !== '')
const staticOf = (n) => n.head.text + n.templateSpans.map((s) => '7' + s.literal.text).join('')
function visit(n, ctx) {
  if (
    ts.isImportDeclaration(n) ||
    ts.isExportDeclaration(n) ||
    ts.isTypeNode(n) ||
    ts.isTypeAliasDeclaration(n) ||
    ts.isInterfaceDeclaration(n)
  )
    return null
  if (ts.isJsxAttribute(n)) {
    const nm = n.name.getText()
    if (NOTATTR.test(nm)) {
      return n.initializer && ts.isJsxExpression(n.initializer) ? rewrite(n, { ...ctx, strong: false }) : null
    }
    const strong = TEXTATTR.test(nm)
    if (n.initializer && ts.isStringLiteral(n.initializer)) {
      const t = n.initializer.text
      if ((looksText(t) || (strong && weak(t))) && !isIdType(n.initializer)) {
        const c = call(idFor(ctx.place, esc(t)))
        return `${nm}={${c}}`
      }
      return null
    }
    return rewrite(n, { ...ctx, strong })
  }
  if (ts.isJsxElement(n) || ts.isJsxFragment(n)) {
    const kids = n.children.filter(
      (k) => !(ts.isJsxText(k) && !k.text.trim() && /\n/.test(k.text)) && !(ts.isJsxExpression(k) && !k.expression),
    )
    const hasText = kids.some((k) => ts.isJsxText(k) && /[A-Za-z]{2}/.test(k.text))
    if (hasText && kids.every((k) => ts.isJsxText(k) || (ts.isJsxExpression(k) && kindOf(k.expression) !== 'mixed'))) {
      const parts = []
      for (const k of kids)
        parts.push(
          ts.isJsxText(k)
            ? k.text
                .replace(/\n\s*/g, ' ')
                .replace(/&nbsp;/g, '\u00a0')
                .replace(/&apos;/g, "'")
                .replace(/&quot;/g, '"')
            : ts.isStringLiteralLike(k.expression)
              ? k.expression.text
              : k.expression,
        )
      if (typeof parts[0] === 'string') parts[0] = parts[0].trimStart()
      if (typeof parts.at(-1) === 'string') parts[parts.length - 1] = parts.at(-1).trimEnd()
      const flat = []
      for (const p of parts) {
        if (typeof p !== 'string' && ts.isTemplateExpression(p)) flat.push(...partsOf(p))
        else if (typeof p === 'string' && typeof flat.at(-1) === 'string') flat[flat.length - 1] += p
        else flat.push(p)
      }
      const c = templ(
        flat.filter((p) => p !== ''),
        ctx,
      )
      const open = ts.isJsxElement(n) ? (visit(n.openingElement, ctx) ?? n.openingElement.getText()) : '<>'
      const close = ts.isJsxElement(n) ? n.closingElement.getText() : '</>'
      return `${open}{${c}}${close}`
    }
    if (hasText)
      report.push(`${current.f}:${current.sf.getLineAndCharacterOfPosition(n.getStart()).line + 1} mixed jsx`)
    return rewrite(n, { ...ctx, strong: false })
  }
  if (ts.isJsxExpression(n) && (ts.isJsxElement(n.parent) || ts.isJsxFragment(n.parent)))
    return rewrite(n, { ...ctx, strong: true })
  if (ts.isTemplateExpression(n)) {
    const st = staticOf(n)
    const yes =
      !blocked(n) &&
      !SKIPTEXT.has(st) &&
      (looksText(st) ||
        (ctx.strong && /[a-z]{2,}|[A-Z]/.test(st.replace(/7/g, '')) && weak(st) && !/^7?(px|rem|em|%|deg)/.test(st)))
    if (yes) return templ(partsOf(n), ctx)
    return rewrite(n, ctx)
  }
  if (ts.isStringLiteralLike(n)) {
    if (!blocked(n) && (looksText(n.text) || (ctx.strong && weak(n.text)))) return call(idFor(ctx.place, esc(n.text)))
    return null
  }
  if (ts.isConditionalExpression(n)) {
    const x = oneMore(n.condition)
    if (
      x &&
      !blocked(n.whenTrue) &&
      [n.whenTrue, n.whenFalse].every(
        (b) =>
          (ts.isStringLiteralLike(b) && looksText(b.text)) || (ts.isTemplateExpression(b) && looksText(staticOf(b))),
      )
    )
      return templ([n], ctx)
    const strong =
      ctx.strong ||
      [n.whenTrue, n.whenFalse].some(
        (b) =>
          (ts.isStringLiteralLike(b) && looksText(b.text) && !blocked(b)) ||
          (ts.isTemplateExpression(b) && looksText(staticOf(b))),
      )
    const c = visit(n.condition, { ...ctx, strong: false }),
      a = visit(n.whenTrue, { ...ctx, strong }),
      b = visit(n.whenFalse, { ...ctx, strong })
    if (c === null && a === null && b === null) return null
    const g = (node, r) => r ?? node.getText()
    const src = current.sf.text
    return (
      g(n.condition, c) +
      src.slice(n.condition.getEnd(), n.whenTrue.getStart()) +
      g(n.whenTrue, a) +
      src.slice(n.whenTrue.getEnd(), n.whenFalse.getStart()) +
      g(n.whenFalse, b)
    )
  }
  if (ts.isArrayLiteralExpression(n)) {
    const strong =
      ctx.strong ||
      n.elements.some((b) => ts.isStringLiteralLike(b) && looksText(b.text) && !blocked(b) && / /.test(b.text))
    return rewrite(n, { ...ctx, strong })
  }
  if (ts.isPropertyAssignment(n)) {
    const nm = n.name.getText()
    return (() => {
      const r = visit(n.initializer, { ...ctx, strong: TEXTATTR.test(nm) && !NOTATTR.test(nm) })
      return r === null ? null : n.name.getText() + current.sf.text.slice(n.name.getEnd(), n.initializer.getStart()) + r
    })()
  }
  if (ts.isCallExpression(n) && /^many$/.test(n.expression.getText())) return rewrite(n, { ...ctx, strong: false })
  if (ts.isFunctionLike(n) || ts.isCallExpression(n) || ts.isBlock(n)) return rewrite(n, { ...ctx, strong: false })
  return rewrite(n, ctx)
}
const outFiles = []
for (const sf of program.getSourceFiles()) {
  const f = path.relative(root, sf.fileName)
  if (!f.startsWith(`${ROOM}/`) || f.includes('node_modules') || /\/tests?\/|pairing|\.d\.ts$/.test(f)) continue
  if (ONLY && !f.startsWith(ONLY)) continue
  if (
    /^core\/src\/(recipe\/(rules|conditions|condition\.)|lengths\/formatLength|template\/checkRulers|design\/svg\/viewport)/.test(
      f,
    )
  )
    continue
  if (/^server\/src\/(db|api|http\/api|main)|^plan\/src\/upgrade/.test(f)) continue
  current = { sf, f, used: false }
  const place = placeOf(f)
  const pre = new Map([...bookOf(place)])
  let out = '',
    pos = 0
  ts.forEachChild(sf, (c) => {
    const r = visit(c, { place, strong: false })
    if (r !== null) {
      out += sf.text.slice(pos, c.getStart(sf)) + r
      pos = c.getEnd()
    }
  })
  out += sf.text.slice(pos)
  if (current.used) {
    const shadow = /\b(const|let) t\b|\(t[,):]|\bt =>/.test(sf.text) ? ' // SHADOW' : ''
    if (shadow) report.push(`${f} has its own t`)
    outFiles.push([
      f,
      ROOM === 'core'
        ? /import \{[^}]*\bmessage\b[^}]*\} from/.test(sf.text)
          ? out
          : `import { message } from '${path.relative(path.dirname(f), 'core/src/messages/message')}'\n` + out
        : `import { ${place} as t } from '@thimble/language/en/${place}'\n` + out,
    ])
  }
}
for (const r of report) console.log(r)
for (const [p, b] of books) {
  if (b.size === 0) continue
  const body = [...b]
    .map(
      ([id, t]) =>
        `  ${/^[a-z][a-zA-Z0-9]*$/.test(id) ? id : `'${id}'`}: ${t.includes("'") ? JSON.stringify(t) : `'${t.replace(/\n/g, '\\n')}'`},`,
    )
    .join('\n')
  const text =
    ROOM === 'core'
      ? `export const ${p} = {\n${body.replace(/^  '?([\w-]+)'?: /gm, (_, id) => `  '${PRE[p]}.${id}': `)}\n} as const\n`
      : `import { words } from '../words'\n\nexport const ${p} = words({\n${body}\n})\n`
  const dir = WRITE ? path.join(root, 'language/src/en') : '/tmp/books'
  mkdirSync(dir, { recursive: true })
  const old = path.join(dir, `${p}.ts`)
  writeFileSync(old, text)
  console.log(p, b.size)
}
if (WRITE) for (const [f, s] of outFiles) writeFileSync(f, s)
else {
  mkdirSync('/tmp/books/out', { recursive: true })
  for (const [f, s] of outFiles) writeFileSync('/tmp/books/out/' + f.replace(/\//g, '_'), s)
}
if (process.argv.includes('--byfile'))
  for (const [f, t] of Object.entries(byFile))
    console.log('\n' + f + '\n  ' + t.map((x) => x.slice(0, 90)).join('\n  '))
console.log(outFiles.length, 'files')
