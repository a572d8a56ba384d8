import type { ReactNode } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'

/** One thing of the stash, leading to its own page. */
export function StashRow({ href, children }: { href: string; children: ReactNode }) {
  const p = usePalette()
  return (
    <RowLink
      href={href}
      style={{
        flexDirection: 'row',
        gap: 14,
        alignItems: 'center',
        borderTopWidth: 1,
        borderTopColor: p.seam,
        minHeight: 60,
        paddingVertical: 8,
      }}
    >
      {children}
    </RowLink>
  )
}

/** A colour as it is. */
export function SwatchPatch({ colour }: { colour: string }) {
  const p = usePalette()
  return (
    <View
      style={{ width: 40, height: 40, backgroundColor: colour, borderWidth: 1, borderColor: p.seam, borderRadius: 2 }}
    />
  )
}
