export { NewPiecePage as default } from '@/features/bench/NewPiecePage'
