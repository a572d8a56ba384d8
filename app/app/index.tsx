export { BenchPage as default } from '@/features/bench/BenchPage'
