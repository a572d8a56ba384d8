import { useLocalSearchParams } from 'expo-router'
import { ThingForm } from '@/features/stash/ThingForm'

export default function Route() {
  const { kind, id } = useLocalSearchParams<{ kind: string; id: string }>()
  return <ThingForm key={`${kind}/${id}`} kind={kind} id={id} />
}
