import { hoop as t } from '@thimble/language/en/hoop'
import type { HoopOffer } from '@thimble/plan'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { RadioGroup } from '@/ui/RadioGroup'
import { Text } from '@/ui/Text'
import { Fold } from '@/ui/Fold'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { HoopRow } from './HoopRow'

/** The hoops that take it, and below one line those that do not; open while none is chosen. */
export function HoopShelf({ tools }: { tools: PieceTools }) {
  const { ranked, chosen } = useHoopPlan(tools)
  const { shelf } = tools
  const [all, setAll] = useState(false)
  const fitting = ranked.filter((c) => c.fits)
  const refused = ranked.filter((c) => !c.fits)
  const open = all || fitting.length === 0
  const drawn = shelf.hoops.filter((h) => open || fitting.some((c) => c.hoop === h.id))
  const largest = Math.max(120, ...drawn.map((h) => Math.max(h.outside.width, h.outside.height)))
  const row = (choice: HoopOffer) => {
    const hoop = shelf.hoops.find((h) => h.id === choice.hoop)
    const on = choice.hoop === chosen?.hoop
    return hoop ? <HoopRow key={choice.hoop} {...{ choice, hoop, on, tools, largest }} /> : null
  }
  if (ranked.length === 0) return null
  return (
    <Fold
      title={t('your-hoops')}
      answer={t('of-fit', { fitting: fitting.length, ranked: ranked.length })}
      open={!chosen}
    >
      <RadioGroup label={t('your-hoops')}>{fitting.map(row)}</RadioGroup>
      {refused.length > 0 ? (
        <>
          <Pressable
            role="button"
            aria-expanded={open}
            onPress={() => setAll(!all)}
            style={{ minHeight: 44, justifyContent: 'center' }}
          >
            <Text tone="indigo" bold>
              {t('wont-do', { refused: refused.length, which: open ? t('why') : t('see-why') })}
            </Text>
          </Pressable>
          {open ? <View>{refused.map(row)}</View> : null}
        </>
      ) : null}
    </Fold>
  )
}
