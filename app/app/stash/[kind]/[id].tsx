import { useLocalSearchParams } from 'expo-router'
import { lazyPage } from '@/ui/lazyPage'

const ThingForm = lazyPage(async () => (await import('@/features/stash/pages')).ThingForm)

export default function Route() {
  const { kind, id } = useLocalSearchParams<{ kind: string; id: string }>()
  return <ThingForm key={`${kind}/${id}`} kind={kind} id={id} />
}
