export { LogPage as default } from '@/features/log/LogPage'
