import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ruleSheet } from '../tools/ruleSheet'

it('docs/rules.md is what the rules say today; `npm run rules` writes it', () => {
  const sheet = ruleSheet()
  expect(readFileSync(join(__dirname, '../../docs/rules.md'), 'utf8')).toBe(sheet)
  const rows = sheet.split('\n').filter((line) => line.startsWith('| `'))
  // Every rule says when it applies, what it decides and, but for speeds, why.
  for (const row of rows) expect(row).not.toMatch(/\|\s*\|.*\|$|undefined|NaN/)
  const unexplained = rows.filter((row) => row.endsWith('|  |') && !row.includes('`speed.'))
  expect(unexplained).toEqual([])
})
