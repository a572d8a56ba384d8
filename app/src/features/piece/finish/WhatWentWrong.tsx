import { faultNames } from '@thimble/language'
import { finish as t } from '@thimble/language/en/finish'
import type { Message } from '@thimble/core/messages'
import { useSay } from '@/ui/useSay'
import { Button } from '@rneui/themed'
import { type FaultId } from '@thimble/core/outcomes'
import type { Cause } from '@thimble/core/faultCauses'
import { faultsOf, isDone, usedStack } from '@thimble/plan'
import { troublesOf } from '@thimble/plan/record'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { type PieceTools, useBuilt, useHoopPlan } from '../usePiece'

/** Why the faults came, by what was used: the likeliest cause of each, and one change to try the next time. */
export function WhatWentWrong({ tools }: { tools: PieceTools }) {
  const { piece, shelf, set } = tools
  const built = useBuilt(tools)
  const { machine } = useHoopPlan(tools)
  const stack = usedStack(piece, built)
  const faults = faultsOf(piece.finish.faults).map(({ id }) => id)
  const { used, trying } = piece.finish
  const told = troublesOf(
    piece,
    faults,
    stack && {
      ...{ basis: built.basis, stack, tension: used.tension },
      holding: used.holding ?? piece.hoop.kept[0]?.holding ?? null,
      turn: used.turn ?? piece.hoop.kept[0]?.turn ?? null,
      machine: isDone(piece, 'finish') ? null : (shelf.machines.find(({ id }) => id === machine.id) ?? null),
    },
  )
  if (told.length === 0) return null
  return (
    <Section title={t('why-most-likely')}>
      {told.map(([fault, causes, rescue]) => (
        <Causes
          key={fault}
          {...{ fault, causes, rescue }}
          taken={trying?.fault === fault ? trying.change : null}
          onTake={(change) => set({ finish: { trying: change ? { change, fault } : null } })}
        />
      ))}
    </Section>
  )
}

type CausesProps = {
  fault: FaultId
  causes: readonly Cause[]
  rescue: Message | null
  /** The change that is taken up. */
  taken: string | null
  onTake: (change: string | null) => void
}

function Causes({ fault, causes: [first, ...others], rescue, taken, onTake }: CausesProps) {
  const say = useSay()
  const line = (cause: Cause) => (
    <CauseLine
      key={cause.id}
      cause={cause}
      first={cause === first}
      taken={taken === cause.change.id}
      onTake={(on) => onTake(on ? cause.change.id : null)}
    />
  )
  return (
    <View style={{ gap: 8 }}>
      <Text bold>{faultNames[fault]}</Text>
      {rescue ? <Text>{say(['rescue', { rescue }])}</Text> : null}
      {first ? line(first) : null}
      {others.length > 0 ? (
        <Disclosure title={t('other-possible-causes', { others: others.length })}>{others.map(line)}</Disclosure>
      ) : null}
    </View>
  )
}

type LineProps = { cause: Cause; first: boolean; taken: boolean; onTake: (on: boolean) => void }

function CauseLine({ cause, first, taken, onTake }: LineProps) {
  const p = usePalette()
  const say = useSay()
  const { said, because, change } = cause
  return (
    <View style={{ gap: 6, borderLeftWidth: 4, borderLeftColor: first ? p.weld : p.seam, paddingLeft: 12 }}>
      <Text>{say(said)}</Text>
      {because ? <Text soft>{t('likely-because', { because })}</Text> : null}
      <Text bold>{say(change.said)}</Text>
      <Button
        type={taken ? 'solid' : 'outline'}
        title={taken ? t('will-try-next-time') : t('try-this-next-time')}
        accessibilityState={{ selected: taken }}
        onPress={() => onTake(!taken)}
      />
    </View>
  )
}
