import { lazyPage } from '@/ui/lazyPage'

export default lazyPage(async () => (await import('@/features/stash/pages')).StarterPage)
