import { problemText } from '@thimble/language'
import { designs as t } from '@thimble/language/en/designs'
import { Button } from '@rneui/themed'
import { fromThePrint, toneOnTone } from '@thimble/core/colour'
import { CoreError } from '@thimble/core/errors'
import { View } from 'react-native'
import { ColourStrip } from '@/drawing/ColourStrip'
import { Field } from '@/ui/Field'
import { useDraftText } from '@/ui/useDraftText'
import { Text } from '@/ui/Text'

type Props = { colours: readonly string[]; cloth: string; busy: boolean; onTake: (colours: string[]) => void }

/** Tone on tone, and colours out of the cloth's own print, each shown before it is taken. */
export function ColourIdeas({ colours, cloth, busy, onTake }: Props) {
  const [print, setPrint] = useDraftText('print-colours', '')
  const picked = print.split(/[\s,;]+/).filter(Boolean)
  const printed = picked.length > 0 ? tried(() => fromThePrint(colours, [cloth, ...picked])) : null
  return (
    <View style={{ gap: 14 }}>
      <Idea title={t('tone-on-tone-from-the')} colours={toneOnTone(colours, cloth)} busy={busy} onTake={onTake} />
      <Field
        label={t('colours-of-the-cloths-print')}
        value={print}
        hint={t('as-rrggbb-in-order-the')}
        problem={printed && 'problem' in printed ? printed.problem : null}
        onChange={(text) => setPrint(text, false)}
      />
      {printed && 'colours' in printed ? (
        <Idea title={t('from-the-print')} colours={printed.colours} busy={busy} onTake={onTake} />
      ) : null}
    </View>
  )
}

function tried(work: () => string[]): { colours: string[] } | { problem: string } {
  try {
    return { colours: work() }
  } catch (error) {
    if (error instanceof CoreError) return { problem: problemText(error) }
    throw error
  }
}

type IdeaProps = { title: string; colours: string[]; busy: boolean; onTake: (colours: string[]) => void }

function Idea({ title, colours, busy, onTake }: IdeaProps) {
  return (
    <View style={{ gap: 6 }}>
      <Text>{title}</Text>
      <ColourStrip blocks={colours.map((colour) => ({ colour, share: 1 }))} height={28} label={title} />
      <Button type="outline" title={t('use-these-colours')} disabled={busy} onPress={() => onTake(colours)} />
    </View>
  )
}
