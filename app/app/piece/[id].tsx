import { useLocalSearchParams } from 'expo-router'
import { RunPartsProvider } from '@/desk/runParts'
import { lazyPage } from '@/ui/lazyPage'

const PiecePage = lazyPage(async () => (await import('@/features/piece/pages')).PiecePage)
const parts = {
  OfLine: lazyPage(async () => (await import('@/features/runs/pages')).OfLine),
  NextInRun: lazyPage(async () => (await import('@/features/runs/pages')).NextInRun),
}

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <RunPartsProvider value={parts}>
      <PiecePage key={id} id={id} />
    </RunPartsProvider>
  )
}
