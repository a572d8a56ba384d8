import { many } from '@thimble/language/en/counts'
import { layers as t } from '@thimble/language/en/layers'
import { Button } from '@rneui/themed'
import type { Basis, DecidedStack, Thread } from '@thimble/contract'
import { nearestThreads } from '@thimble/core/colour'
import { guessStitches } from '@thimble/core/design'
import { type BenchMachine, type ColourNeed, planThread, timesSewn } from '@thimble/plan'
import { type BobbinChanges, bobbinChanges } from '@thimble/plan/consumption'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { useRouter } from 'expo-router'
import { useColourOrder } from '@/shared/useColourOrder'
import { useNamed } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { useReserved } from '@/state/useReserved'
import { bobbinLines } from '@/words/bobbinLines'
import { needleText } from '@/words/stackWords'
import { minutesText } from '@/words/workWords'
import { BigFigures } from './BigFigures'
import { colourNeedText, metresText, timeText } from '@/words/threadNeeds'
import { type PieceTools, useHoopPlan } from './usePiece'

const MOST_SPOOLS = 6

type Props = { tools: PieceTools; stack: DecidedStack; basis: Basis }

/** What the design takes of thread and time at the machine at hand; null while its stitches are not known. */
function useThread({ tools, stack, basis }: Props) {
  const threads = useNamed('threads')
  const bobbins = useNamed('bobbins')
  const { spools } = tools.piece.build
  const { machine, chosen, hoop } = useHoopPlan(tools)
  const times = timesSewn(tools.marked, tools.piece.hoop.kept[0]?.hoop ?? (chosen?.fits ? hoop : null))
  const plan = planThread({
    ...{ design: tools.marked.design, designs: tools.shelf.designs, times, basis, stack, machine, threads, spools },
    typedStitches: tools.piece.measure.ownDesign.stitches,
    guessedStitches: guessStitches(tools.marked.design, tools.marked.design.loadClass, tools.marked.design.kind),
    factor: tools.shelf.shop.threadFactor,
    record: tools.shelf.record,
    pace: tools.shelf.record?.paces.find((pace) => pace.machine === machine.id) ?? null,
  })
  if (!plan) return null
  const inMachine = tools.shelf.machines.find(({ id }) => id === machine.id) ?? { bobbin: null, bobbinM: null }
  return {
    plan,
    machine,
    copies: times.copies,
    threads,
    spools,
    changes: bobbinChanges(plan, stack, inMachine, bobbins),
  }
}

/** Needle, minutes and metres, set large. */
export function LayerNumbers(props: Props) {
  const thread = useThread(props)
  const [size, ...point] = needleText(props.stack.needle).split(' ')
  const needle = { amount: size!, says: point.join(' ') || t('needle') }
  if (!thread) return <BigFigures figures={[needle]} />
  const { plan, changes } = thread
  const changing = Math.round(plan.time.parts.changes / 60)
  return (
    <BigFigures
      figures={[
        needle,
        {
          amount: minutesText(plan.time.seconds / 60),
          says: changing > 0 ? t('of-it-changing-colours', { changing }) : t('at-the-machine'),
        },
        {
          amount: metresText(plan.colours.reduce((sum, { metres }) => sum + metres, 0)),
          says: [many(plan.colours.length, 'colour'), bobbinInShort(changes)].filter(Boolean).join('; '),
        },
      ]}
    />
  )
}

const bobbinInShort = (changes: BobbinChanges | null): string => {
  if (!changes) return ''
  const count = changes.changeBefore.length + changes.tooLong.length
  return count === 0 ? t('bobbin-lasts') : many(count, 'bobbin-change')
}

/** Metres for each colour against the spools there are, the bobbin, and what the minutes are made of. */
export function ThreadFold(props: Props) {
  const thread = useThread(props)
  const { tools } = props
  const reserved = useReserved(tools.piece.id)
  if (!thread) return null
  const { plan, machine, copies, threads, spools, changes } = thread
  const needs = plan.colours.map((need) => ({
    need,
    spokenFor: (need.thread && reserved.get(need.thread.id)?.amount) ?? 0,
  }))
  const short = needs.filter(({ need, spokenFor }) => colourNeedText(need, spokenFor).short)
  return (
    <Fold
      title={t('thread-and-time')}
      answer={
        short.length > 0
          ? t('short', { short: short.length })
          : plan.colours.map(({ thread: t, colour }) => t?.name ?? colour).join(', ')
      }
    >
      <Text soft>{timeText(plan, machine.name)}</Text>
      <View role="list">
        {needs.map(({ need, spokenFor }) => (
          <ColourLine
            key={need.colour}
            {...{ need, spokenFor, threads }}
            onSpool={(id) => tools.set({ build: { spools: { [need.colour.toLowerCase()]: id } } })}
          />
        ))}
      </View>
      <FewerChanges {...{ tools, machine, copies }} />
      {bobbinLines(plan, changes, { threads, spools }).map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </Fold>
  )
}

type Fewer = { tools: PieceTools; machine: BenchMachine; copies: number }

/** What another order of the colours would save, where a hand changes them. */
function FewerChanges({ tools: { marked, shelf }, machine, copies }: Fewer) {
  const router = useRouter()
  const design = marked.design.id ? (shelf.designs[marked.design.id] ?? null) : null
  const needles = shelf.machines.find(({ id }) => id === machine.id)?.needles ?? 1
  const asked = design !== null && design.order === null && needles === 1
  const plan = useColourOrder(asked ? design : null)
  const fewer = plan ? plan.originalChanges - plan.changes : 0
  if (!asked || fewer <= 0) return null
  const minutes = Math.max(1, Math.round((fewer * copies * machine.changeSeconds) / 60))
  return (
    <Button
      type="outline"
      title={t('colour-changes-instead-of-saves', {
        changes: plan!.changes,
        originalChanges: plan!.originalChanges,
        minutes,
      })}
      onPress={() => router.push(`/designs/${design.id}`)}
    />
  )
}

type LineProps = { need: ColourNeed; spokenFor: number; threads: readonly Thread[]; onSpool: (id: string) => void }

/** A colour with what it takes of its thread; a tap opens the threads nearest to it, to sew it with another. */
function ColourLine({ need, spokenFor, threads, onSpool }: LineProps) {
  const p = usePalette()
  const [open, setOpen] = useState(false)
  const { colour, metres, thread } = need
  const { says, short } = colourNeedText(need, spokenFor)
  return (
    <View role="listitem" style={{ borderTopWidth: 1, borderTopColor: p.seam }}>
      <Pressable
        role="button"
        aria-expanded={open}
        disabled={threads.length === 0}
        onPress={() => setOpen(!open)}
        style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 44, paddingVertical: 6 }}
      >
        <View
          style={{
            width: 36,
            height: 24,
            backgroundColor: colour,
            borderWidth: 1,
            borderColor: p.ink,
            borderRadius: 2,
          }}
        />
        <View style={{ flex: 1, minWidth: 0 }}>
          <Text>{thread?.name ?? t('none-in-the-stash', { colour })}</Text>
          <Text soft={!short} tone={short ? 'madder' : undefined} style={{ fontSize: 14 }}>
            {says}
          </Text>
        </View>
        <Text bold style={{ fontSize: 20 }}>
          {metresText(metres)}
        </Text>
      </Pressable>
      {open ? (
        <Choices
          label={t('sew-it-with')}
          choices={nearestThreads(colour, threads, MOST_SPOOLS).map(({ thread: { id, name, colour: swatch } }) => ({
            ...{ id, name, swatch },
          }))}
          value={thread?.id ?? null}
          onChange={onSpool}
        />
      ) : null}
    </View>
  )
}
