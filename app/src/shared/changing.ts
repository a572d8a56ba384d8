import { lazyPage } from '@/ui/lazyPage'

/** Drawn when its script has come: the pages of a piece and of a design ask for it. */
export const ChangeFields = lazyPage(async () => (await import('./ChangeFields')).ChangeFields)
