import { designs as t } from '@thimble/language/en/designs'
import { writeMessage } from '@thimble/language'
import { hullOf } from '@thimble/plan'
import type { DesignCard } from '@thimble/contract'
import { type HoopChoice, rankHoops } from '@thimble/core/hooping'
import { formatLength, roundDownToTape } from '@thimble/core/lengths'
import { useMemo } from 'react'
import { View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { groundFor } from '@/drawing/clothInk'
import { useDocuments } from '@/state/store'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { useNamed } from '@/state/useShelfDocs'

const SIZE = 120

const turnedText = (rotation: number): string => (rotation === 0 ? '' : t('turned', { rotation }))

/** The hoops whose field takes the design, by itself and on no piece yet, with the room round it. */
export function HoopsSection({ design }: { design: DesignCard }) {
  const hoops = useNamed('hoops')
  const style = useDocuments((s) => s.shop)
  const hull = useMemo(() => hullOf(design), [design])
  const ranked = useMemo(
    () => rankHoops({ ...{ hull, style }, hoops: hoops.map(({ maxThicknessMm, notchOffset, ...hoop }) => hoop) }),
    [hull, hoops, style],
  )
  const fits = ranked.filter((choice) => choice.fits)
  const nearest = [...ranked].sort((a, b) => b.fit.clearance - a.fit.clearance)[0]
  const nameOf = (choice: HoopChoice): string => hoops.find((h) => h.id === choice.hoop)!.name
  const largest = Math.max(
    ...fits.map((c) => hoops.find((h) => h.id === c.hoop)!.outside).map((o) => Math.max(o.width, o.height)),
    1,
  )
  return (
    <Section title={t('hoops-it-fits')}>
      {fits.length > 0 ? null : (
        <Text>
          {nearest
            ? t('no-hoop-in-the-stash', {
                nameOf: nameOf(nearest),
                reasons: nearest.reasons.map(({ said }) => writeMessage(said, style)).join(' '),
              })
            : t('no-hoops-in-the-stash')}
        </Text>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {fits.map((choice) => {
          const hoop = hoops.find((h) => h.id === choice.hoop)!
          const { left, right, up, down } = choice.fit.slack
          const room = formatLength(roundDownToTape(Math.min(left, right, up, down), style), style)
          return (
            <View key={choice.hoop} style={{ width: SIZE }}>
              <HoopDrawing
                hoop={hoop}
                choice={choice}
                design={choice.size}
                sketch={design.summary ? { blocks: design.summary.sketch, colours: design.colours } : null}
                cloth={groundFor(design.colours)}
                size={SIZE}
                largest={largest}
              />
              <Text bold>{hoop.name}</Text>
              <Text soft>{t('to-spare', { room, turned: turnedText(choice.pose.rotation) })}</Text>
            </View>
          )
        })}
      </View>
    </Section>
  )
}
