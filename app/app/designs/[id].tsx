import { useLocalSearchParams } from 'expo-router'
import { lazyPage } from '@/ui/lazyPage'

const DesignRoute = lazyPage(async () => (await import('@/features/designs/pages')).DesignRoute)

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <DesignRoute key={id} id={id} />
}
