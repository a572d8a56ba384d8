import { useLocalSearchParams } from 'expo-router'
import { PiecePage } from '@/features/piece/PiecePage'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <PiecePage key={id} id={id} />
}
