import { useLocalSearchParams } from 'expo-router'
import { DesignRoute } from '@/features/designs/DesignRoute'

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <DesignRoute key={id} id={id} />
}
