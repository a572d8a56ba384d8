// npm run endure: the figures over random cases in full, what React's compiler finds and journeys on a wide screen; then
// kills and hostile requests by the hundred against the program as it is built. KILLS, REQUESTS and SEED set how.
import { must, requireNode, requirePackages } from './environment.mjs'

requireNode()
await requirePackages()
const { build } = await import('./build.mjs')
await build()
const inFull = ['--selectProjects', 'core', '--testPathPattern', 'soundRecipes|ringOnCloth|itemKinds']
await must('Random cases in full', 'npx', ['jest', ...inFull], { env: { THIMBLE_ENDURE: '1' } })
await must('Lint with the compiler', 'node', ['tools/checkCode.mjs', 'app'], { env: { THIMBLE_ENDURE: '1' } })
await must(
  'Journeys on a wide screen, and kills in the browser’s tests',
  'npx',
  ['playwright', 'test', '--grep', 'wide|killed while|every screen|without a gap'],
  {
    env: { THIMBLE_ENDURE: '1' },
  },
)
await must('Enduring', 'npx', ['tsx', 'e2e/endure/endure.ts'], { quiet: false })
