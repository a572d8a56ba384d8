import { useLocalSearchParams } from 'expo-router'
import { SupplyForm } from '@/features/stash/SupplyForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="supplies" id={id}>
      <SupplyForm key={id} id={id} />
    </WhenThere>
  )
}
