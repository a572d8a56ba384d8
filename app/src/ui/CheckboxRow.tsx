import { program as t } from '@thimble/language/en/program'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Check } from './Check'
import { Text } from './Text'
import { useUnits } from './useUnits'

type Props = {
  title: string
  done: boolean
  onChange: (done: boolean) => void
  after?: string | undefined
  /** What it said when it was ticked, where that is another number: it is to be done again. */
  was?: string | null | undefined
}

/** A line of a list to tick off; the whole line is the target. */
export function CheckboxRow({ title, done, onChange, after, was }: Props) {
  const p = usePalette()
  const inUnits = useUnits()
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, minHeight: 46, justifyContent: 'center' }}>
      <Check
        checked={done}
        onChange={onChange}
        title={inUnits(after ? `${title} ${after}` : title)}
        wrapperStyle={{ paddingVertical: 7, minHeight: 44, alignItems: 'flex-start' }}
        textStyle={{
          lineHeight: 24,
          ...(done ? { color: p.inkSoft } : {}),
        }}
      />
      {was ? (
        <Text style={{ paddingLeft: 46, paddingBottom: 8 }}>{inUnits(t('changed-since-you-ticked-it', { was }))}</Text>
      ) : null}
    </View>
  )
}
