import { useLocalSearchParams } from 'expo-router'
import { lazyPage } from '@/ui/lazyPage'

const RecordPage = lazyPage(async () => (await import('@/features/log/pages')).RecordPage)

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <RecordPage key={id} id={id} />
}
