import { lazyPage } from '@/ui/lazyPage'

export default lazyPage(async () => (await import('@/features/settings/pages')).BackupsPage)
