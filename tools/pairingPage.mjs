// The page a phone is let in by: it stands before the app, so it brings along all it is made of, in a folder of its own.
import { copyFileSync, mkdirSync } from 'node:fs'
import path from 'node:path'
import { root } from './environment.mjs'

const FACES = {
  'text.woff2': 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2',
  'bold.woff2': 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2',
  'heading.woff2': 'bitter/files/bitter-latin-600-normal.woff2',
}

export async function layPairingPage(site) {
  const [from, to] = [path.join(root, 'app/pairing'), path.join(site, 'pair')]
  mkdirSync(to, { recursive: true })
  for (const name of ['index.html', 'pair.css']) copyFileSync(path.join(from, name), path.join(to, name))
  for (const [name, file] of Object.entries(FACES))
    copyFileSync(path.join(root, 'node_modules/@fontsource', file), path.join(to, name))
  const { build } = await import('esbuild')
  await build({
    absWorkingDir: root,
    entryPoints: [path.join(from, 'pair.ts')],
    outfile: path.join(to, 'pair.js'),
    bundle: true,
    minify: true,
    target: 'es2020',
    logLevel: 'error',
  })
}
