import { useLocalSearchParams } from 'expo-router'
import { ItemFormPage } from '@/features/items/ItemFormPage'
import { WhenThere } from '@/forms/WhenThere'

export default function ItemRoute() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <WhenThere collection="items" id={id}>
      <ItemFormPage key={id} id={id} />
    </WhenThere>
  )
}
