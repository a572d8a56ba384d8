import { useLocalSearchParams } from 'expo-router'
import { OrderPartsProvider } from '@/shared/orderParts'
import { lazyPage } from '@/ui/lazyPage'

const PiecePage = lazyPage(async () => (await import('@/features/piece/pages')).PiecePage)
const parts = {
  OfLine: lazyPage(async () => (await import('@/features/orders/pages')).OfLine),
  NextInBatch: lazyPage(async () => (await import('@/features/orders/pages')).NextInBatch),
}

export default function Route() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return (
    <OrderPartsProvider value={parts}>
      <PiecePage key={id} id={id} />
    </OrderPartsProvider>
  )
}
