import { useLocalSearchParams } from 'expo-router'
import { SwatchForm } from '@/features/stash/SwatchForm'
import { WhenThere } from '@/forms/WhenThere'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="swatches" id={id}>
      <SwatchForm key={id} id={id} />
    </WhenThere>
  )
}
