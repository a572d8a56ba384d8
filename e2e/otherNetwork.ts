import { execFileSync } from 'node:child_process'
import { chmodSync, mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'

const run = (...words: string[]): void => void execFileSync(words[0]!, words.slice(1), { stdio: 'pipe' })

/** A second machine in a network of two: a namespace of its own, and a line to it that can be cut. */
export class OtherNetwork {
  readonly laptop: string
  /** A browser started by this stands in the other machine. */
  readonly browser: string

  private constructor(
    private readonly name: string,
    private readonly line: string,
    net: string,
  ) {
    this.laptop = `${net}.1`
    this.browser = path.join(mkdtempSync(path.join(os.tmpdir(), 'thimble-phone-')), 'browser')
    writeFileSync(this.browser, `#!/bin/sh\nexec ip netns exec ${name} /usr/bin/chromium-headless-shell "$@"\n`)
    chmodSync(this.browser, 0o755)
  }

  /** Null, with why in words, where this machine lets nobody make one. */
  static make(): OtherNetwork | { cannot: string } {
    const [mark, net] = [process.pid % 100_000, `10.77.${process.pid % 250}`]
    const [name, line, far] = [`zt-phone-${mark}`, `ztl${mark}`, `ztp${mark}`]
    const inside = ['ip', 'netns', 'exec', name, 'ip']
    try {
      run('ip', 'netns', 'add', name)
      run('ip', 'link', 'add', line, 'type', 'veth', 'peer', 'name', far)
      run('ip', 'link', 'set', far, 'netns', name)
      run('ip', 'addr', 'add', `${net}.1/24`, 'dev', line)
      run('ip', 'link', 'set', line, 'up')
      run(...inside, 'addr', 'add', `${net}.2/24`, 'dev', far)
      run(...inside, 'link', 'set', far, 'up')
      run(...inside, 'link', 'set', 'lo', 'up')
      return new OtherNetwork(name, line, net)
    } catch (error) {
      return { cannot: (error as Error).message.split('\n')[0]! }
    }
  }

  cut(): void {
    run('ip', 'link', 'set', this.line, 'down')
  }

  mend(): void {
    run('ip', 'link', 'set', this.line, 'up')
  }

  clear(): void {
    run('ip', 'netns', 'del', this.name)
  }
}
