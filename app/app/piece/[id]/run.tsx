import { useLocalSearchParams } from 'expo-router'
import { RunPage } from '@/features/piece/run/RunPage'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <RunPage key={id} id={id} />
}
