import { DesignCard, PackedDesign } from '@thimble/contract'
import type { Message } from '@thimble/core/messages'
import { z } from 'zod'

const OldAdvice = z.object({ code: z.string(), text: z.string(), severity: z.enum(['note', 'caution', 'stop']) })
const Warned = z.looseObject({ warnings: z.array(z.unknown()) })

/** Advice that was kept as text, as the sentence it was; its numbers are read out of the text. */
function upgradeAdvice(json: unknown): unknown {
  const old = OldAdvice.safeParse(json)
  if (!old.success) return json
  const { code, text, severity } = old.data
  return { severity, said: saidOf(code, text) }
}

function saidOf(code: string, text: string): Message {
  const plain = (value: string | undefined) => ({ plain: Number(value) })
  const scaled = /^Scaled by (\d+) %: (\d+) % (more|fewer)/.exec(text)
  if (scaled) return [`design.scaled-${scaled[3]}`, { percent: plain(scaled[1]), load: plain(scaled[2]) }]
  const letter = /^The smallest letter is ([\d.]+) mm high: under (\d+)/.exec(text)
  if (letter) return ['design.letters-close', { high: plain(letter[1]), least: plain(letter[2]) }]
  const fine = /^The smallest letter is ([\d.]+) mm high/.exec(text)
  if (fine) return ['design.letters-fine', { high: plain(fine[1]) }]
  return [`design.${code}`]
}

const withWarnings = (json: unknown): unknown => {
  const found = Warned.safeParse(json)
  return found.success ? { ...found.data, warnings: found.data.warnings.map(upgradeAdvice) } : json
}

/** A design of before, whose advice was kept as text. */
export function upgradeDesign(json: unknown): DesignCard {
  const card = z.looseObject({ summary: z.unknown() }).parse(json)
  return DesignCard.parse({ ...card, summary: card.summary ? withWarnings(card.summary) : null })
}

/** A packed design of before. */
export const upgradePacked = (json: unknown): PackedDesign => PackedDesign.parse(withWarnings(json))
