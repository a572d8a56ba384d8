import { useRouter } from 'expo-router'
import { type ReactNode, useEffect } from 'react'
import { Pressable, ScrollView, View } from 'react-native'
import { TapeDivider } from '@/drawing/TapeDivider'
import { pageIsThere } from '@/state/firstPage'
import { useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { ThimbleIcon } from '@/drawing/ThimbleIcon'
import { Heading, Words } from './Words'

type Props = {
  title: string
  aside?: string
  back?: boolean
  children: ReactNode
  foot?: ReactNode
  wideContent?: boolean
  /** A page that begins with a drawing has its tape there. */
  tape?: boolean
}

/** A place's page: title at the top with the tape under it, the action at the thumb. */
export function Page({ title, aside, back, children, foot, wideContent, tape = true }: Props) {
  const p = usePalette()
  const router = useRouter()
  useEffect(pageIsThere, [])
  return (
    <View style={{ flex: 1, backgroundColor: p.calico }}>
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          paddingHorizontal: 16,
          paddingVertical: 4,
          minHeight: 56,
          gap: 12,
        }}
      >
        <Pressable
          role="button"
          aria-label={back ? 'Back' : 'Habits and settings'}
          hitSlop={8}
          style={{ width: 32, height: 44, justifyContent: 'center' }}
          onPress={() => (back ? (router.canGoBack() ? router.back() : router.replace('/')) : router.push('/settings'))}
        >
          {back ? <Words style={{ fontSize: 28, lineHeight: 32 }}>‹</Words> : <ThimbleIcon colour={p.ink} size={28} />}
        </Pressable>
        <Heading level={1} numberOfLines={2} style={{ flex: 1, minWidth: 0 }}>
          {title}
        </Heading>
        {aside ? <Words soft>{aside}</Words> : null}
      </View>
      {tape ? <TapeDivider /> : null}
      <ScrollView
        contentContainerStyle={{
          paddingBottom: 32,
          width: '100%',
          maxWidth: wideContent ? undefined : 760,
          alignSelf: 'center',
        }}
      >
        {children}
      </ScrollView>
      {foot ? (
        <View
          style={{
            padding: 12,
            paddingHorizontal: 16,
            borderTopWidth: 1,
            borderTopColor: p.seam,
            backgroundColor: p.calico,
            width: '100%',
            maxWidth: 760,
            alignSelf: 'center',
          }}
        >
          {foot}
        </View>
      ) : null}
    </View>
  )
}

/** The shop's name for the bench's title. */
export const useShopName = (): string => useShelf((s) => s.shop.name)
