import { useLocalSearchParams } from 'expo-router'
import { ThreadForm } from '@/features/stash/ThreadForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="threads" id={id}>
      <ThreadForm key={id} id={id} />
    </WhenThere>
  )
}
