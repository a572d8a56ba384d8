// What makes a start quick on a slow phone: the site as it was exported, told what a start needs.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'

/** Compiled as a whole off the page's thread and kept so by the browser; else each function on being called, each time. */
const COMPILE_WHOLE = '//# allFunctionsCalledOnLoad\n'
/** The scripts that every page needs. */
const ALWAYS_RUN = /^(__common|entry)-.*\.js$/
/** What a page asks for once those have run, to be on its way before: its frame, the bench, and the fonts. */
const ASKED_LATER = /^_layout-.*\.js$/
const FONTS = /\/(AtkinsonHyperlegibleNext_400Regular|AtkinsonHyperlegibleNext_700Bold|Bitter_600SemiBold)\..*\.ttf$/

export function quickenStart(site) {
  const scripts = path.join(site, '_expo/static/js/web')
  const names = readdirSync(scripts)
  for (const name of names.filter((n) => ALWAYS_RUN.test(n))) {
    const file = path.join(scripts, name)
    const text = readFileSync(file, 'utf8')
    if (!text.startsWith(COMPILE_WHOLE)) writeFileSync(file, COMPILE_WHOLE + text)
  }
  const fonts = readdirSync(path.join(site, 'assets'), { recursive: true })
    .map((name) => `/assets/${name}`)
    .filter((name) => FONTS.test(name))
  const links = [
    ...names
      .filter((name) => ASKED_LATER.test(name))
      .map((name) => `<link rel="preload" as="script" href="/_expo/static/js/web/${name}">`),
    ...fonts.map((name) => `<link rel="preload" as="font" type="font/ttf" crossorigin href="${name}">`),
  ]
  const index = path.join(site, 'index.html')
  writeFileSync(index, readFileSync(index, 'utf8').replace('</head>', `${links.join('')}</head>`))
}
