// What makes a start quick on a slow phone: the site as it was exported, told what a start needs.
import { copyFileSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { root } from './environment.mjs'

/** Compiled as a whole off the page's thread and kept so by the browser; else each function on being called, each time. */
const COMPILE_WHOLE = '//# allFunctionsCalledOnLoad\n'
/** The scripts that every page needs. */
const ALWAYS_RUN = /^(__common|entry)-.*\.js$/
/** What a page asks for once those have run, to be on its way before: its frame, and the bench. */
const ASKED_LATER = ['./_layout.tsx', './index.tsx']
/** The app's faces by the names its styles call them, in the parts a browser asks for by the letters it meets. */
const FACES = {
  Text: 'atkinson-hyperlegible-next/400',
  TextBold: 'atkinson-hyperlegible-next/700',
  Heading: 'bitter/600',
}
const PARTS = ['latin', 'latin-ext']

/** What a device asks of a page that is to stand among its programs. */
const INSTALL = [
  // A phone shows its key for it, which browsers leave out unless they are told.
  '<link rel="manifest" href="/manifest.webmanifest" crossorigin="use-credentials">',
  '<link rel="apple-touch-icon" href="/pair/thimble-180.png">',
]
/** On paper a page is as long as it is, without its bars and its buttons. */
const PRINT = [
  'html,body,div:has(main),[data-frame]{display:block!important;height:auto!important;overflow:visible!important;position:static!important;max-width:none!important}',
  '[role=navigation],[data-bar],[data-bar] *,button:not([aria-expanded]),[role=button]:not([aria-expanded]){display:none!important}',
  // Paper is white; swatches and drawings keep their colours.
  '[data-frame]{background-color:#fff!important}[data-frame] *{color:#000!important}',
].join('')

/** Readies the exported site; `build`: by what pages tell this build from others. */
export function optimiseStartup(site, build) {
  const scripts = path.join(site, '_expo/static/js/web')
  const names = readdirSync(scripts)
  for (const name of names.filter((n) => ALWAYS_RUN.test(n))) {
    const file = path.join(scripts, name)
    const text = readFileSync(file, 'utf8')
    if (!text.startsWith(COMPILE_WHOLE)) writeFileSync(file, COMPILE_WHOLE + text)
  }
  const links = [
    `<meta name="build" content="${build}">`,
    ...scriptsOfRoutes(scripts, names).map((url) => `<link rel="preload" as="script" href="${url}">`),
    ...layFonts(site),
    ...INSTALL,
    `<style media="print">${PRINT}</style>`,
  ]
  const index = path.join(site, 'index.html')
  const page = readFileSync(index, 'utf8')
  if (!page.includes('</head>')) throw new Error('The exported page has no head to write the build into.')
  writeFileSync(index, page.replace('</head>', `${links.join('')}</head>`))
}

/** The scripts of routes, as the table of routes in the entry's script names them. */
function scriptsOfRoutes(scripts, names) {
  const entry = readFileSync(
    path.join(
      scripts,
      names.find((name) => /^entry-.*\.js$/.test(name)),
    ),
    'utf8',
  )
  return ASKED_LATER.map((route) => {
    const from = entry.slice(entry.indexOf(`"${route}":`))
    // {enumerable:!0,get:()=>d(g[1])(g[8],g.paths)} ... },528,{0:532,...,8:540,paths:{...,540:"/_expo/..."}}
    const place = from.match(/^[^}]*\)\(\w+\[(\d+)\]/)?.[1]
    const [, ids, urls] = from.match(/\},\d+,\{([^{}]*),paths:(\{[^{}]*\})/) ?? []
    const id = ids?.match(new RegExp(`\\b${place}:(\\d+)`))?.[1]
    const url = urls?.match(new RegExp(`\\b${id}:"([^"]+)"`))?.[1]
    if (!url) throw new Error(`The script of ${route} is not found in the entry's table of routes.`)
    return url
  })
}

/** The faces as files beside the page, the rules that name them, and the parts every page needs asked for at once. */
function layFonts(site) {
  mkdirSync(path.join(site, 'fonts'), { recursive: true })
  const rules = []
  const asked = []
  for (const [family, face] of Object.entries(FACES)) {
    const [name, weight] = face.split('/')
    const from = path.join(root, 'node_modules/@fontsource', name)
    const ranges = JSON.parse(readFileSync(path.join(from, 'unicode.json'), 'utf8'))
    for (const part of PARTS) {
      const file = `${name}-${part}-${weight}-normal.woff2`
      copyFileSync(path.join(from, 'files', file), path.join(site, 'fonts', file))
      rules.push(
        `@font-face{font-family:${family};font-display:swap;src:url(/fonts/${file}) format("woff2");unicode-range:${ranges[part]}}`,
      )
      if (part === 'latin')
        asked.push(`<link rel="preload" as="font" type="font/woff2" crossorigin href="/fonts/${file}">`)
    }
  }
  return [`<style>${rules.join('')}</style>`, ...asked]
}
