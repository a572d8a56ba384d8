/** Whose dates, numbers and sentences there are; the last is made of the first to see what is not said by this room. */
const locales = ['en-GB', 'en-US', 'en-XA'] as const
type Locale = (typeof locales)[number]

/** Where a device keeps the one that was chosen on it. */
export const LOCALE_KEY = 'zt.locale'

const isLocale = (given: string | null | undefined): given is Locale => locales.some((one) => one === given)

/** What there is of a browser here; the shop computer has none. */
const device: { localStorage?: { getItem: (key: string) => string | null }; navigator?: { language: string } } =
  globalThis as object

function chosen(): string | null {
  try {
    return device.localStorage?.getItem(LOCALE_KEY) ?? null
  } catch {
    return null
  }
}

function settle(): Locale {
  const kept = chosen()
  if (isLocale(kept)) return kept
  return device.navigator?.language === 'en-US' ? 'en-US' : 'en-GB'
}

/**
 * What this device reads: what was chosen on it, else what its browser reads, British English for any other. It is
 * settled before the first text is asked for, and changes with the next loading of the page.
 */
export const locale: Locale = settle()

/** Whose rules the platform follows for dates, numbers and lists. */
export const platformLocale: 'en-GB' | 'en-US' = locale === 'en-US' ? 'en-US' : 'en-GB'
