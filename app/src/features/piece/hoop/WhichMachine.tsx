import { hoop as t } from '@thimble/language/en/hoop'
import { Choices } from '@/ui/Choices'
import { Fold } from '@/ui/Fold'
import { AsLastTime } from '../AsLastTime'
import { type PieceTools, useHoopPlan } from '../usePiece'

/** The machine it goes on, whatever of it fits: always there where there is a choice. */
export function WhichMachine({ tools }: { tools: PieceTools }) {
  const { machine } = useHoopPlan(tools)
  const { machines } = tools.shelf
  const standing = machines.filter(({ id, onBench }) => onBench || id === machine.id)
  if (standing.length < 2) return null
  return (
    <Fold title={t('machine')} answer={machine.name}>
      <Choices
        label={t('machine')}
        choices={standing.map(({ id, name }) => ({ id, name }))}
        value={machine.id}
        onChange={(machineId) => tools.set({ hoop: { machineId, turn: null } })}
      />
      <AsLastTime tools={tools} what="machine" />
    </Fold>
  )
}
