export { RemovedPage as default } from '@/features/removed/RemovedPage'
