import { useLocalSearchParams } from 'expo-router'
import { lazyPage } from '@/ui/lazyPage'

const RunPage = lazyPage(async () => (await import('@/features/piece/pages')).StitchingPage)

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <RunPage key={id} id={id} />
}
