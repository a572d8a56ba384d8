const types = { csv: 'text/csv', svg: 'image/svg+xml', json: 'application/json', pdf: 'application/pdf' } as const

/** A name that every file system takes. */
export const fileName = (title: string): string =>
  title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'design'

/** Hands text or bytes to the browser as a file. */
export function saveFile(title: string, ending: keyof typeof types, content: BlobPart): void {
  const url = URL.createObjectURL(new Blob([content], { type: types[ending] }))
  const link = document.createElement('a')
  link.href = url
  link.download = `${fileName(title)}.${ending}`
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 60_000)
}
