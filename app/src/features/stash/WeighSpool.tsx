import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { Disclosure } from '@/ui/Disclosure'
import { useDraftText } from '@/ui/useDraftText'
import { Text } from '@/ui/Text'
import { weigh } from './weigh'

type Props = { slot: string; tex: number; bare: string; onWeighed: (metres: number) => void }

/** A spool on the kitchen scale: with its thread, and bare; what is left follows from the thread's weight. */
export function WeighSpool({ slot, tex, bare: known, onWeighed }: Props) {
  const [gross, setGross] = useDraftText(`${slot}.gross`, '')
  const [typedBare, setBare] = useDraftText(`${slot}.empty`, '')
  const [spools, setSpools] = useDraftText(`${slot}.spools`, '')
  const bare = typedBare || known
  const { metres, problem } = weigh(gross, bare, spools, tex)
  const take = (): void => {
    onWeighed(metres ?? 0)
    setGross('', true)
    setSpools('', true)
  }
  const field = (label: string, suffix: string, value: string, set: typeof setGross, rest: object = {}) => (
    <Field
      half
      {...{ label, suffix, value, ...rest }}
      keyboard="numeric"
      onChange={(typed) => set(typed, typed === '')}
    />
  )
  return (
    <Disclosure title="Weigh the spool">
      <Text soft>{`Taken at ${tex} g a thousand metres.`}</Text>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {field('Now', 'g', gross, setGross, { problem })}
        {field('Empty spool', 'g', bare, setBare)}
      </View>
      {field('Spools on the scale', '', spools, setSpools, { placeholder: '1' })}
      {metres === null ? null : <Button type="outline" title={`Use ${Math.round(metres)} m`} onPress={take} />}
    </Disclosure>
  )
}
