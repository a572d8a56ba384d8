import { useLocalSearchParams } from 'expo-router'
import { DesignForm } from '@/features/designs/DesignForm'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <DesignForm key={id} id={id} />
}
