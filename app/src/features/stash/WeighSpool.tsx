import { Button } from '@rneui/themed'
import { spoolLeft, usualTex } from '@thimble/core/thread'
import type { ThreadWeight } from '@thimble/core/recipe'
import { CoreError } from '@thimble/core/errors'
import { readNumber } from '@thimble/plan'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { Opener } from '@/ui/Opener'
import { useKeptText } from '@/ui/useKeptText'
import { Words } from '@/ui/Words'

const HEAVIEST = 5000

type Weighed = { metres: number | null; problem: string | null }

/** What two weighings come to; a problem only once both were typed. */
function weigh(gross: string, empty: string, weight: ThreadWeight): Weighed {
  const [full, bare] = [readNumber(gross, HEAVIEST), readNumber(empty, HEAVIEST)]
  const problem = full.problem ?? bare.problem
  if (problem || full.value === null || bare.value === null) return { metres: null, problem }
  try {
    const metres = spoolLeft({ grossGrams: full.value, emptyGrams: bare.value, tex: usualTex(weight) })
    return { metres, problem: null }
  } catch (error) {
    if (error instanceof CoreError) return { metres: null, problem: error.message }
    throw error
  }
}

type Props = { slot: string; weight: ThreadWeight; onWeighed: (metres: number) => void }

/** A spool on the kitchen scale: with its thread, and bare; what is left follows from the thread's weight. */
export function WeighSpool({ slot, weight, onWeighed }: Props) {
  const [gross, setGross] = useKeptText(`${slot}.gross`, '')
  const [empty, setEmpty] = useKeptText(`${slot}.empty`, '')
  const { metres, problem } = weigh(gross, empty, weight)
  const take = (): void => {
    onWeighed(Math.round(metres ?? 0))
    setGross('', true)
  }
  return (
    <Opener title="Weigh the spool">
      <Words soft>{`${weight} weight is taken at ${usualTex(weight)} g a thousand metres.`}</Words>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Field
          half
          label="As it is"
          problem={problem}
          suffix="g"
          keyboard="numeric"
          value={gross}
          onChange={(t) => setGross(t, false)}
        />
        <Field
          half
          label="A bare one"
          suffix="g"
          keyboard="numeric"
          value={empty}
          onChange={(t) => setEmpty(t, false)}
        />
      </View>
      {metres === null ? null : <Button type="outline" title={`Take ${Math.round(metres)} m as left`} onPress={take} />}
    </Opener>
  )
}
