/** Made and sent within this long is sent at once. */
const AT_ONCE_MS = 2000

/**
 * When something was made, by the shop computer's clock. Devices' clocks differ, so what counts is how long ago it was by
 * the device's own clock when it sent it; what was sent at once goes by its arrival. Nothing lies ahead of its arrival.
 *
 * @param at when it was made, by the device's clock
 * @param sentAt the same clock as it was sent; undefined: not said
 * @param now arrival, by the shop computer's clock
 * @example a phone 5 minutes slow: whenMade('10:00', '10:20', '10:25') is 10:05, for times of one day
 */
export function whenMade(at: string, sentAt: string | undefined, now: string): string {
  if (sentAt === undefined) return at > now ? now : at
  const age = Date.parse(sentAt) - Date.parse(at)
  return age <= AT_ONCE_MS ? now : new Date(Date.parse(now) - age).toISOString()
}

/** Whether something was made as it was sent, by the clock of the device that did both. */
export const isAtOnce = (at: string, sentAt: string | undefined): boolean =>
  sentAt !== undefined && Math.abs(Date.parse(sentAt) - Date.parse(at)) <= AT_ONCE_MS
