// Makes the exported scripts small, each as a whole: in seconds, where Metro's own minifier takes module by module and most of a build.
import { minify } from '@swc/core'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'

const options = {
  ...{ compress: true, ecma: 2020, module: false },
  // Gestures look components up by class name, so those stay.
  ...{ mangle: { keep_classnames: true }, keep_classnames: true },
  format: { comments: false, asciiOnly: true },
}

export async function minifyScripts(site) {
  const scripts = path.join(site, '_expo/static/js/web')
  for (const name of readdirSync(scripts).filter((file) => file.endsWith('.js'))) {
    const file = path.join(scripts, name)
    writeFileSync(file, (await minify(readFileSync(file, 'utf8'), options)).code)
  }
}
