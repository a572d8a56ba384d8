import { problemText } from '@thimble/language'
import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { TypedLength } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { fieldFromNotches } from '@thimble/core/hooping'
import { formatFine } from '@thimble/core/lengths'
import { readTyped } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { LengthField } from '@/ui/LengthField'
import { Disclosure } from '@/ui/Disclosure'
import { FieldProblem } from '@/ui/FieldProblem'
import { Text } from '@/ui/Text'
import type { HoopTexts } from './hoopTexts'

type Props = { onMeasured: (texts: Partial<Record<keyof HoopTexts, string>>) => void }

const sides = [
  { id: 'left', name: t('left') },
  { id: 'right', name: t('right') },
  { id: 'away', name: t('away-from-you') },
  { id: 'toward', name: t('toward-you') },
] as const
type Side = (typeof sides)[number]['id']

/** A field measured once, by what the machine really reaches: four distances from where the notches cross. */
export function MeasureField({ onMeasured }: Props) {
  const style = useDocuments((s) => s.shop)
  const [typed, setTyped] = useState<Partial<Record<Side, TypedLength>>>({})
  const [problem, setProblem] = useState<string | null>(null)
  const take = (): void => {
    const mm = (side: Side): number => readTyped(typed[side]).mm ?? Number.NaN
    try {
      const distances = { left: mm('left'), right: mm('right'), away: mm('away'), toward: mm('toward') }
      const { width, height, notchOffset } = fieldFromNotches(distances)
      const signed = (value: number): string => `${value < 0 ? '−' : ''}${formatFine(Math.abs(value), style)}`
      onMeasured({
        ...{ fieldW: formatFine(width, style), fieldH: formatFine(height, style) },
        ...{ notchX: signed(notchOffset.x), notchY: signed(notchOffset.y) },
      })
      setProblem(null)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      setProblem(problemText(error, style))
    }
  }
  return (
    <Disclosure title={t('measure-it-with-the-machine')}>
      <Text>{t('put-hoop-paper-in-the')}</Text>
      {[sides.slice(0, 2), sides.slice(2)].map((pair, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 12 }}>
          {pair.map(({ id, name }) => (
            <LengthField
              key={id}
              half
              label={name}
              unit={style.unit}
              typed={typed[id]}
              problem={readTyped(typed[id]).problem}
              onChange={(length) => setTyped({ ...typed, [id]: length })}
            />
          ))}
        </View>
      ))}
      {problem ? <FieldProblem id="measured-problem">{problem}</FieldProblem> : null}
      <Button type="outline" title={t('use-these')} onPress={take} />
    </Disclosure>
  )
}
