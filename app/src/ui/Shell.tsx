import { usePathname, useRouter } from 'expo-router'
import { type ReactNode, useMemo } from 'react'
import { Pressable, View } from 'react-native'
import { PlaceIcon, type PlaceId } from '@/drawing/PlaceIcon'
import { usePalette } from '@/theme/PaletteProvider'
import { Notices } from './Notices'
import { useWide } from './Split'
import { useKeys } from './useKeys'
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
  const wide = useWide()
  useKeys(
    useMemo(
      () => ({
        n: () => router.push('/new'),
        '/': () => {
          const search = document.querySelector<HTMLElement>('input[type=search]')
          if (search) search.focus()
          else router.push('/log')
        },
        '?': () => router.push('/settings'),
      }),
      [router],
    ),
  )
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
