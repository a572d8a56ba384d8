import { useLocalSearchParams } from 'expo-router'
import { AdhesiveForm } from '@/features/stash/AdhesiveForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="adhesives" id={id}>
      <AdhesiveForm key={id} id={id} />
    </WhenThere>
  )
}
