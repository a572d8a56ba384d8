export { NotKeptPage as default } from '@/features/notKept/NotKeptPage'
