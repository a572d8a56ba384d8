import type { Basis, DecidedStack } from '@thimble/contract'
import { type ColourNeed, planThread, timesSewn } from '@thimble/plan'
import { bobbinChanges } from '@thimble/plan/consumption'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { useReserved } from '@/state/useReserved'
import { bobbinLines } from '@/words/bobbinLines'
import { colourNeedText, metresText, timeText } from '@/words/threadNeeds'
import { type PieceTools, useHoopPlan } from './usePiece'

type Props = { tools: PieceTools; stack: DecidedStack; basis: Basis }

/** Metres for each colour against the spools there are, the bobbin, and the minutes at the machine at hand. */
export function ThreadAndTime({ tools, stack, basis }: Props) {
  const threads = useNamed('threads')
  const { machine, chosen, hoop } = useHoopPlan(tools)
  const times = timesSewn(tools.marked, tools.piece.hoop.kept[0]?.hoop ?? (chosen?.fits ? hoop : null))
  const plan = planThread({
    ...{ design: tools.marked.design, designs: tools.shelf.designs, times, basis, stack, machine, threads },
    typedStitches: tools.piece.measure.ownDesign.stitches,
    factor: tools.shelf.shop.threadFactor,
    record: tools.shelf.record,
    pace: tools.shelf.record?.paces.find((pace) => pace.machine === machine.id) ?? null,
  })
  const reserved = useReserved(tools.piece.id)
  const bobbins = useNamed('bobbins')
  if (!plan) return null
  const inMachine = tools.shelf.machines.find(({ id }) => id === machine.id) ?? { bobbin: null, bobbinM: null }
  const changes = bobbinChanges(plan, stack, inMachine, bobbins)
  return (
    <Section title="Thread and time" says={timeText(plan, machine.name)}>
      <View role="list">
        {plan.colours.map((need) => (
          <ColourLine
            key={need.colour}
            need={need}
            spokenFor={(need.thread && reserved.get(need.thread.id)?.amount) ?? 0}
          />
        ))}
      </View>
      {bobbinLines(plan, changes, threads).map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </Section>
  )
}

function ColourLine({ need, spokenFor }: { need: ColourNeed; spokenFor: number }) {
  const p = usePalette()
  const { colour, metres, thread } = need
  const { says, short } = colourNeedText(need, spokenFor)
  return (
    <View
      role="listitem"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        minHeight: 44,
        borderTopWidth: 1,
        borderTopColor: p.seam,
      }}
    >
      <View
        style={{ width: 36, height: 24, backgroundColor: colour, borderWidth: 1, borderColor: p.ink, borderRadius: 2 }}
      />
      <View style={{ flex: 1, minWidth: 0 }}>
        <Text>{thread?.name ?? `${colour}, none in the stash`}</Text>
        <Text soft={!short} tone={short ? 'madder' : undefined} style={{ fontSize: 14 }}>
          {says}
        </Text>
      </View>
      <Text bold style={{ fontSize: 20 }}>
        {metresText(metres)}
      </Text>
    </View>
  )
}
