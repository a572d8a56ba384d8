import { program as t } from '@thimble/language/en/program'
import { usePathname, useRouter } from 'expo-router'
import { type ReactNode, useEffect, useMemo, useRef } from 'react'
import { View } from 'react-native'
import { PlaceIcon, type PlaceId } from '@/drawing/PlaceIcon'
import { usePalette } from '@/theme/PaletteProvider'
import { keepFocus } from './keepFocus'
import { Notices } from './Notices'
import { RowLink } from './RowLink'
import { useShort, useWide } from './useMedia'
import { useKeys } from './useKeys'
import { Text } from './Text'
import { frame } from './frame'

type Place = { id: PlaceId; name: string; path: '/' | '/designs' | '/stash' | '/runs' | '/log' }

const places: readonly Place[] = [
  { id: 'bench', name: t('bench'), path: '/' },
  { id: 'designs', name: t('designs'), path: '/designs' },
  { id: 'stash', name: t('stash'), path: '/stash' },
  { id: 'runs', name: t('orders'), path: '/runs' },
  { id: 'log', name: t('log'), path: '/log' },
]

const placeOf = (pathname: string): PlaceId =>
  places.find((p) => p.path !== '/' && pathname.startsWith(p.path))?.id ?? 'bench'

/** The five places: a bar at the foot on a phone, a rail at the left on a wide screen; where that leaves no room, it scrolls away. */
export function Shell({ children }: { children: ReactNode }) {
  const p = usePalette()
  const router = useRouter()
  const here = placeOf(usePathname())
  const wide = useWide()
  const short = useShort()
  const main = useRef<View>(null)
  useEffect(() => keepFocus(main.current as unknown as HTMLElement), [])
  useKeys(
    useMemo(
      () => ({
        n: () => router.push('/new'),
        '/': () => {
          if (focusSearch()) return
          router.push('/log')
          void searchComesUp()
        },
        '?': () => router.push('/help'),
      }),
      [router],
    ),
  )
  const bar = wide
    ? ({ width: 96, flexDirection: 'column', paddingTop: 12, borderRightWidth: 1, borderRightColor: p.seam } as const)
    : ({ flexDirection: 'row', borderTopWidth: 1, borderTopColor: p.seam } as const)
  return (
    <View
      {...frame}
      style={{
        flex: 1,
        flexDirection: wide ? 'row' : short ? 'column' : 'column-reverse',
        overflow: short ? ('auto' as 'scroll') : 'hidden',
        backgroundColor: p.calico,
      }}
    >
      <View role="navigation" aria-label={t('places')} style={{ ...bar, backgroundColor: p.paper }}>
        {places.map((place) => (
          <PlaceLink key={place.id} place={place} on={place.id === here} wide={wide} />
        ))}
      </View>
      <View
        ref={main}
        {...frame}
        role="main"
        style={{ flexGrow: 1, flexShrink: short && !wide ? 0 : 1, flexBasis: short && !wide ? 'auto' : 0, minWidth: 0 }}
      >
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
    <RowLink
      href={path}
      onOpen={() => router.navigate(path)}
      aria-current={on ? 'page' : undefined}
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
      <Text bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 13.5, lineHeight: 18 }}>
        {name}
      </Text>
    </RowLink>
  )
}

/** A page under the one that is seen has a search, too: the last is the one in sight. */
function focusSearch(): boolean {
  const search = [...document.querySelectorAll<HTMLElement>('input[type=search], input[inputmode=search]')].findLast(
    (one) => one.offsetParent !== null,
  )
  search?.focus()
  return search !== undefined
}

const FRAMES = 120

/** From a page without one: the log’s, as soon as it is drawn. */
async function searchComesUp(): Promise<void> {
  for (let frame = 0; frame < FRAMES; frame++) {
    await new Promise(requestAnimationFrame)
    if (focusSearch()) return
  }
}
