import { writeFileSync } from 'node:fs'
import { ruleSheet } from './ruleSheet'

writeFileSync(new URL('../../docs/rules.md', import.meta.url), ruleSheet())
