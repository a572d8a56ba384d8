import { useLocalSearchParams } from 'expo-router'
import { ItemFormPage } from '@/features/items/ItemFormPage'

export default function ItemRoute() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <ItemFormPage key={id} id={id} />
}
