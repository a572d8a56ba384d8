import { usePalette } from '@/theme/PaletteProvider'

/** A file to look at, or to save. */
export function FileLink({ href, says, download }: { href: string; says: string; download?: boolean }) {
  const p = usePalette()
  return (
    <a
      href={href}
      download={download}
      style={{ color: p.indigo, fontFamily: 'TextBold', fontSize: 17, padding: '12px 0', display: 'inline-block' }}
    >
      {says}
    </a>
  )
}
