import { useLocalSearchParams } from 'expo-router'
import { StraightPage } from '@/features/piece/hoop/StraightPage'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <StraightPage key={id} id={id} />
}
