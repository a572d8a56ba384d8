import { useLocalSearchParams } from 'expo-router'
import { BobbinForm } from '@/features/stash/BobbinForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="bobbins" id={id}>
      <BobbinForm key={id} id={id} />
    </WhenThere>
  )
}
