import { useLocalSearchParams } from 'expo-router'
import { HoopForm } from '@/features/stash/HoopForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="hoops" id={id}>
      <HoopForm key={id} id={id} />
    </WhenThere>
  )
}
