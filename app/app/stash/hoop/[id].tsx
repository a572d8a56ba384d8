import { useLocalSearchParams } from 'expo-router'
import { HoopForm } from '@/features/stash/HoopForm'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <HoopForm key={id} id={id} />
}
