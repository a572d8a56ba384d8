import { useLocalSearchParams } from 'expo-router'
import { NeedleForm } from '@/features/stash/NeedleForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="needles" id={id}>
      <NeedleForm key={id} id={id} />
    </WhenThere>
  )
}
