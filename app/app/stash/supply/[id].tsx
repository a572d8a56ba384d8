import { useLocalSearchParams } from 'expo-router'
import { SupplyForm } from '@/features/stash/SupplyForm'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <SupplyForm key={id} id={id} />
}
