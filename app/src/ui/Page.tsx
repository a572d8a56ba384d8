import { type ReactNode, useEffect } from 'react'
import { View } from 'react-native'
import { TapeDivider } from '@/drawing/TapeDivider'
import { pageIsThere } from '@/state/firstPage'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { BackButton } from './BackButton'
import { PageTitle } from './PageTitle'
import { SettingsLink } from './SettingsLink'
import { Scroller } from './Scroller'
import { useShort } from './useMedia'
import { Text } from './Text'
import { frame } from './frame'

type Props = {
  title: string
  aside?: string
  back?: boolean
  children: ReactNode
  foot?: ReactNode
  wideContent?: boolean
  /** A page that begins with a drawing has its tape there. */
  tape?: boolean
  /** Nothing in it takes the cursor, so the page does, to be scrolled. */
  toRead?: boolean
  /** It stands only until what is asked for is there. */
  passing?: boolean
}

/** A place's page: title at the top with the tape under it, the action at the thumb. */
export function Page({ title, aside, back, children, foot, wideContent, tape = true, toRead, passing }: Props) {
  const p = usePalette()
  const short = useShort()
  useEffect(pageIsThere, [])
  return (
    <View
      {...frame}
      style={{ flexGrow: 1, flexShrink: short ? 0 : 1, flexBasis: short ? 'auto' : 0, backgroundColor: p.calico }}
    >
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
        {back ? <BackButton /> : null}
        <PageTitle place={title} passing={passing}>
          {title}
        </PageTitle>
        {aside ? <Text soft>{aside}</Text> : null}
        <SettingsLink />
      </View>
      {tape ? <TapeDivider /> : null}
      <Scroller
        place={title}
        toRead={toRead}
        style={{
          paddingBottom: 32,
          width: '100%',
          maxWidth: wideContent ? undefined : 760,
          alignSelf: 'center',
        }}
      >
        {children}
      </Scroller>
      {foot ? (
        <View
          {...{ dataSet: { bar: '' } }}
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
export const useShopName = (): string => useDocuments((s) => s.shop.name)
