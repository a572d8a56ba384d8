const HEAD_BYTES = 120

/** Text by its byte order mark, or by what its XML says it is, or as UTF-8. @example decodeText(Uint8Array.of(0xff, 0xfe, 0x61, 0)) // 'a' */
export function decodeText(bytes: Uint8Array): string {
  const [a, b] = bytes
  if (a === 0xff && b === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (a === 0xfe && b === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, HEAD_BYTES))
  const said = /^<\?xml[^>]*encoding=["']([\w-]+)["']/.exec(head)?.[1]
  try {
    return new TextDecoder(said ?? 'utf-8').decode(bytes)
  } catch {
    return new TextDecoder().decode(bytes)
  }
}
