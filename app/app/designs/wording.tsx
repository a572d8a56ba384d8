export { WordingPage as default } from '@/features/designs/WordingPage'
