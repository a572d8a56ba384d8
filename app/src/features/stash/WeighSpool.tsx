import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { Opener } from '@/ui/Opener'
import { useKeptText } from '@/ui/useKeptText'
import { Words } from '@/ui/Words'
import { weigh } from './weigh'

type Props = { slot: string; tex: number; bare: string; onWeighed: (metres: number) => void }

/** A spool on the kitchen scale: with its thread, and bare; what is left follows from the thread's weight. */
export function WeighSpool({ slot, tex, bare: known, onWeighed }: Props) {
  const [gross, setGross] = useKeptText(`${slot}.gross`, '')
  const [typedBare, setBare] = useKeptText(`${slot}.empty`, '')
  const [spools, setSpools] = useKeptText(`${slot}.spools`, '')
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
    <Opener title="Weigh the spool">
      <Words soft>{`Taken at ${tex} g a thousand metres.`}</Words>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {field('As it is', 'g', gross, setGross, { problem })}
        {field('A bare one', 'g', bare, setBare)}
      </View>
      {field('Spools on the scale', '', spools, setSpools, { placeholder: '1' })}
      {metres === null ? null : <Button type="outline" title={`Take ${Math.round(metres)} m as left`} onPress={take} />}
    </Opener>
  )
}
