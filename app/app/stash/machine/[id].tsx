import { useLocalSearchParams } from 'expo-router'
import { MachineForm } from '@/features/stash/MachineForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="machines" id={id}>
      <MachineForm key={id} id={id} />
    </WhenThere>
  )
}
