// Asks one address again and again, and says at the end how long it waited for the slowest answer, in milliseconds.
import { setTimeout as pause } from 'node:timers/promises'

const [url] = process.argv.slice(2)
let over = false
process.stdin.resume().on('end', () => (over = true))
let longest = 0
while (!over) {
  const start = performance.now()
  await fetch(url).then((answer) => answer.text())
  longest = Math.max(longest, performance.now() - start)
  await pause(10)
}
process.stdout.write(String(longest))
