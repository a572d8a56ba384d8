import { usePathname, useRouter } from 'expo-router'
import { type ReactNode, useEffect } from 'react'
import { Pressable, View } from 'react-native'
import { PlaceIcon, type PlaceId } from '@/drawing/PlaceIcon'
import { noticed } from '@/state/shelf'
import { useSend } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Notices } from './Notices'
import { useWide } from './Split'
import { Words } from './Words'

type Place = { id: PlaceId; name: string; path: '/' | '/designs' | '/stash' | '/runs' | '/log' }

const places: readonly Place[] = [
  { id: 'bench', name: 'Bench', path: '/' },
  { id: 'designs', name: 'Designs', path: '/designs' },
  { id: 'stash', name: 'Stash', path: '/stash' },
  { id: 'runs', name: 'Runs', path: '/runs' },
  { id: 'log', name: 'Log', path: '/log' },
]

const placeOf = (pathname: string): PlaceId =>
  places.find((p) => p.path !== '/' && pathname.startsWith(p.path))?.id ?? 'bench'

/** The five places: a bar at the foot on a phone, a rail at the left on a wide screen. */
export function Shell({ children }: { children: ReactNode }) {
  const p = usePalette()
  const router = useRouter()
  const here = placeOf(usePathname())
  const send = useSend()
  const wide = useWide()
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = (event.target as HTMLElement).closest('input, textarea')
      if (typing || event.ctrlKey || event.metaKey || event.altKey) return
      if (event.key === 'n') router.push('/new')
      if (event.key === '/') router.push('/log')
      if (event.key === '?')
        send(noticed('Keys: n new piece, / the log, 1 to 5 the stages of a ticket, m marks the open stage done.'))
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [router, send])
  const bar = wide
    ? ({ width: 96, flexDirection: 'column', paddingTop: 12, borderRightWidth: 1, borderRightColor: p.seam } as const)
    : ({ flexDirection: 'row', borderTopWidth: 1, borderTopColor: p.seam } as const)
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column-reverse', backgroundColor: p.calico }}>
      <View role="navigation" style={{ ...bar, backgroundColor: p.paper }}>
        {places.map((place) => (
          <PlaceLink key={place.id} place={place} on={place.id === here} wide={wide} />
        ))}
      </View>
      <View style={{ flex: 1, minWidth: 0 }}>
        <Notices />
        {children}
      </View>
    </View>
  )
}

function PlaceLink({ place: { id, name, path }, on, wide }: { place: Place; on: boolean; wide: boolean }) {
  const p = usePalette()
  const router = useRouter()
  const colour = on ? p.indigo : 'transparent'
  const edge = wide ? { borderLeftWidth: 3, borderLeftColor: colour } : { borderTopWidth: 3, borderTopColor: colour }
  return (
    <Pressable
      role="link"
      aria-current={on ? 'page' : undefined}
      aria-label={name}
      onPress={() => router.navigate(path)}
      style={[
        {
          flexGrow: wide ? 0 : 1,
          flexBasis: wide ? undefined : 0,
          minHeight: 60,
          alignItems: 'center',
          justifyContent: 'center',
          paddingVertical: 6,
        },
        edge,
      ]}
    >
      <PlaceIcon place={id} colour={on ? p.indigo : p.inkSoft} />
      <Words bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 13.5, lineHeight: 18 }}>
        {name}
      </Words>
    </Pressable>
  )
}
