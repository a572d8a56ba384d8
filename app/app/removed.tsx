export { TrashPage as default } from '@/features/trash/TrashPage'
