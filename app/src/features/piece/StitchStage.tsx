import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { TickLine } from '@/ui/TickLine'
import { Words } from '@/ui/Words'
import type { StageProps } from './StageProps'
import { useChosenRecipe } from './useChosenRecipe'

/** Stitch: the list before the start, made for this piece, and the colours in the order to thread them. */
export function StitchStage({ tools, onDone }: StageProps) {
  const p = usePalette()
  const { piece, plan, set } = tools
  const recipe = useChosenRecipe(tools)
  const checks = recipe?.checks ?? []
  const open = checks.filter((c) => !piece.checks[c.code]).length
  return (
    <>
      <Section
        title="Before the start"
        says={recipe ? undefined : 'The list is made from the stack; choose one at Build for its own list.'}
      >
        <View>
          {checks.map((c) => (
            <TickLine
              key={c.code}
              title={c.text}
              done={piece.checks[c.code] ?? false}
              onChange={(done) => set({ checks: { [c.code]: done } })}
            />
          ))}
        </View>
        {recipe?.cautions.map((c) => (
          <Words soft key={c.code}>
            {c.text}
          </Words>
        ))}
        <Words soft>Power off to change a needle or clear a nest. Stay by the machine.</Words>
      </Section>
      <Section title="Threads in order">
        {plan.design.colours.map((colour, i) => (
          <View key={`${i}${colour}`} style={{ flexDirection: 'row', alignItems: 'center', gap: 14, minHeight: 40 }}>
            <Words soft style={{ width: 20 }}>
              {i + 1}
            </Words>
            <View
              style={{
                width: 64,
                height: 24,
                backgroundColor: colour,
                borderWidth: 1,
                borderColor: p.ink,
                borderRadius: 2,
              }}
            />
            <Words>{colour}</Words>
          </View>
        ))}
      </Section>
      <ThumbBar>
        {open > 0 ? <Words soft>{`${open} ${open === 1 ? 'line is' : 'lines are'} not ticked yet.`}</Words> : null}
        <Button title="Stitched" onPress={onDone} />
      </ThumbBar>
    </>
  )
}
