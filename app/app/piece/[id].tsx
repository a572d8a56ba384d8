import { useLocalSearchParams } from 'expo-router'
import { lazyPage } from '@/ui/lazyPage'

const PiecePage = lazyPage(async () => (await import('@/features/piece/pages')).PiecePage)

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <PiecePage key={id} id={id} />
}
