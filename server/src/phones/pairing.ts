import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto'

/** No sign that is taken for another when it is read off a screen. */
const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789'
const LENGTH = 6
const GOOD_FOR_MS = 120_000
const MOST_GUESSES = 10
/** What a guess waits for: longer after each that was wrong. */
const PAUSE_MS = 250
/** As many as may wait at a time; who asks besides is told to wait. */
const MOST_WAITING = 3

type Invitation = { code: string; until: number }
/** Who has said the code and waits for the laptop's yes. */
type Asking = { token: string; name: string; until: number; answer: 'waiting' | 'yes' | 'no' }
export type GuessAnswer = { token: string } | { wrong: 'code' | 'none' | 'too-many' }

type Clock = { now: () => number; pause: (ms: number) => Promise<void> }

/** How a phone comes in: a code good for two minutes and one phone, and a yes from the laptop. Nothing of it is kept. */
export class Pairing {
  #invited: (Invitation & { wrong: number }) | null = null
  #asking: Asking | null = null
  #waiting = 0

  constructor(private readonly clock: Clock) {}

  /** A fresh code, in the place of one that still stands. */
  invite(): Invitation {
    const code = Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('')
    this.#asking = null
    this.#invited = { code, until: this.clock.now() + GOOD_FOR_MS, wrong: 0 }
    return { code, until: this.#invited.until }
  }

  /** Takes back the code, and whoever asks by it. */
  callOff(): void {
    this.#invited = null
    this.#asking = null
  }

  get invited(): Invitation | null {
    if (this.#invited && this.#invited.until <= this.clock.now()) this.#invited = null
    return this.#invited && { code: this.#invited.code, until: this.#invited.until }
  }

  get asking(): { name: string; until: number } | null {
    if (this.#asking && this.#asking.until <= this.clock.now()) this.#asking = null
    return this.#asking?.answer === 'waiting' ? { name: this.#asking.name, until: this.#asking.until } : null
  }

  /** A phone says the code. Guesses are slowed, one by one; after ten wrong ones the code is gone. */
  async guess(said: string, name: string): Promise<GuessAnswer> {
    if (!this.invited) return { wrong: 'none' }
    if (this.#waiting >= MOST_WAITING) return { wrong: 'too-many' }
    this.#waiting++
    try {
      await this.clock.pause(PAUSE_MS * (1 + this.#invited!.wrong))
    } finally {
      this.#waiting--
    }
    // It may have gone meanwhile.
    if (!this.invited) return { wrong: 'none' }
    if (!same(said, this.#invited!.code)) {
      if (++this.#invited!.wrong >= MOST_GUESSES) this.#invited = null
      return { wrong: 'code' }
    }
    this.#invited = null
    this.#asking = {
      ...{ token: randomBytes(32).toString('base64url'), name, answer: 'waiting' },
      until: this.clock.now() + GOOD_FOR_MS,
    }
    return { token: this.#asking.token }
  }

  /** The laptop's word on who asks; false when nobody does any more. */
  answer(letIn: boolean): boolean {
    if (!this.asking) return false
    this.#asking!.answer = letIn ? 'yes' : 'no'
    return true
  }

  /** How it stands with who asked; a yes is given out once, with the phone's name. */
  outcome(token: string): 'waiting' | 'no' | 'gone' | { name: string } {
    const asking = this.#asking
    if (!asking || asking.until <= this.clock.now() || !same(token, asking.token)) return 'gone'
    if (asking.answer !== 'yes') return asking.answer
    this.#asking = null
    return { name: asking.name }
  }
}

const digest = (text: string): Buffer => createHash('sha256').update(text).digest()
/** In a time that tells nothing. */
const same = (a: string, b: string): boolean => timingSafeEqual(digest(a), digest(b))
