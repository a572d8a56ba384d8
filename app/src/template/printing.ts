import { lazyPage } from '@/ui/lazyPage'

/** Drawn when their script has come: the pages of a piece and of a design ask for it. */
export const TemplateButtons = lazyPage(async () => (await import('./TemplateButtons')).TemplateButtons)
