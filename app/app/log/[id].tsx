import { useLocalSearchParams } from 'expo-router'
import { RecordPage } from '@/features/log/RecordPage'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <RecordPage key={id} id={id} />
}
