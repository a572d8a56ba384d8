// npm run endure: the figures over random cases in full and every journey, also those that npm test leaves out; then
// kills and hostile requests by the hundred against the program as it is built. KILLS, REQUESTS and SEED set how.
import { must, requireNode, requirePackages } from './environment.mjs'

requireNode()
await requirePackages()
const { build } = await import('./build.mjs')
await build()
const inFull = [
  '--selectProjects',
  'core',
  'plan',
  '--testPathPattern',
  '/(soundRecipes|ringOnCloth|itemKinds|estimates|words|kept|notches|refusals|holdingsAgree|stacks|patches|surface).test',
]
await must('Random cases in full', 'npx', ['jest', ...inFull], { env: { THIMBLE_ENDURE: '1' } })
const rarer = ['playwright', 'test', '--grep', '@endure|wide|every screen']
await must('Rarer journeys, on a wide screen too', 'npx', rarer, { env: { THIMBLE_ENDURE: '1' } })
await must('Enduring', 'npx', ['tsx', 'e2e/endure/endure.ts'], { quiet: false })
