import { useLocalSearchParams } from 'expo-router'
import { ThreadForm } from '@/features/stash/ThreadForm'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <ThreadForm key={id} id={id} />
}
