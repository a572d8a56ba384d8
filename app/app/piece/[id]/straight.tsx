import { useLocalSearchParams } from 'expo-router'
import { lazyPage } from '@/ui/lazyPage'

const StraightPage = lazyPage(async () => (await import('@/features/piece/pages')).StraightPage)

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <StraightPage key={id} id={id} />
}
