import { lazyPage } from '@/ui/lazyPage'

const parts = () => import('./recordParts')

/** Drawn when their script has come. */
export const FaultMarks = lazyPage(async () => (await parts()).FaultMarks)
export const Photo = lazyPage(async () => (await parts()).Photo)
export const PhotoPicker = lazyPage(async () => (await parts()).PhotoPicker)
export const RunStory = lazyPage(async () => (await parts()).StitchingStory)
