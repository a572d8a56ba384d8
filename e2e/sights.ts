const PHONE = { width: 390, height: 844 }
const WIDE = { width: 1280, height: 800 }

/** How a whole journey is seen: on a phone; `npm run endure` goes it on a wide screen too. */
export const sights = [['phone', PHONE] as const, ...(process.env.THIMBLE_ENDURE ? [['wide', WIDE] as const] : [])]
