import { stitch as t } from '@thimble/language/en/stitch'
import type { SewProgram } from '@thimble/core/sewing'
import type { fineThreads, Spools } from '@thimble/plan'
import { runNow, threadAtHand } from '@thimble/plan/stitching'
import { View } from 'react-native'
import Svg, { Path, Rect } from 'react-native-svg'
import { useNamed } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Heading, Text } from '@/ui/Text'
import { metresText } from '@/words/threadNeeds'
import { fineText } from '@/words/stackWords'
import { threadFor } from '@/words/threadWords'
import { StitchingStrip } from './StitchingStrip'

type Props = { program: SewProgram; stitch: number; spools: Spools; fine: ReturnType<typeof fineThreads> }

const minutesText = (seconds: number): string => t('min', { max: Math.max(1, Math.round(seconds / 60)) })

/** How far it is among its threads, and the one on the needle as large as can be read from two metres. */
export function StitchingHead({ program, stitch, spools, fine }: Props) {
  const threads = useNamed('threads')
  const now = runNow(program, stitch)
  const { colour } = program.blocks[now.block]!
  const { topMetres, seconds } = threadAtHand(program, now.block)
  const small = fine.find((one) => one.colour === colour.toLowerCase())
  const next = now.next && threadAtHand(program, program.blocks.indexOf(now.next))
  return (
    <View style={{ padding: 16, gap: 12 }}>
      <StitchingStrip program={program} stitch={stitch} />
      <View style={{ flexDirection: 'row', gap: 14 }}>
        <Spool colour={colour} />
        <View style={{ flex: 1, minWidth: 0 }}>
          <Text soft>{t('on-the-needle-of', { thread: now.thread, threads: now.threads })}</Text>
          <Heading level={2} style={{ fontSize: 32, lineHeight: 38 }}>
            {threadFor(colour, threads, spools)}
          </Heading>
          <Text bold style={{ fontSize: 20, lineHeight: 28 }}>
            {`${metresText(topMetres)}, ${minutesText(seconds)}`}
          </Text>
          {small ? <Text bold>{fineText(small)}</Text> : null}
          {now.next && next ? (
            <Text soft>
              {t('then')}
              <Text bold style={{ fontSize: 17 }}>
                {threadFor(now.next.colour, threads, spools)}
              </Text>
              {`, ${metresText(next.topMetres)}`}
            </Text>
          ) : (
            <Text soft>{t('the-last-thread')}</Text>
          )}
        </View>
      </View>
    </View>
  )
}

const SIDE = 116

/** The colour with its thread lying on it. */
function Spool({ colour }: { colour: string }) {
  const p = usePalette()
  const lines = Array.from({ length: 16 }, (_, i) => `M${i * 8} ${SIDE}L${i * 8 + 14} 0`).join('')
  return (
    <Svg width={SIDE} height={SIDE} aria-hidden>
      <Rect x={0.5} y={0.5} width={SIDE - 1} height={SIDE - 1} rx={4} fill={colour} stroke={p.ink} />
      <Path d={lines} stroke={p.inkSoft} strokeWidth={0.8} strokeOpacity={0.4} />
    </Svg>
  )
}
