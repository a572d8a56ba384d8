import { readFileSync } from 'node:fs'
import path from 'node:path'
import { dark, light, type Palette } from '@/theme/palette'

const css = readFileSync(path.join(__dirname, '../pairing/pair.css'), 'utf8')
const roles: Record<string, keyof Palette> = {
  ...{ calico: 'calico', paper: 'paper', ink: 'ink', soft: 'inkSoft', indigo: 'indigo', 'on-indigo': 'onIndigo' },
  ...{ madder: 'madder', seam: 'seam', edge: 'edge', tape: 'tape', 'on-tape': 'onTape' },
}

it('gives the page before the program the program’s own colours, by day and in the dark', () => {
  const [day, night] = css.split('prefers-color-scheme: dark')
  for (const [text, palette] of [
    [day, light],
    [night, dark],
  ] as const)
    for (const [name, role] of Object.entries(roles))
      expect([name, new RegExp(`--${name}: (#\\w{6});`).exec(text!)?.[1]]).toEqual([name, palette[role].toLowerCase()])
})
