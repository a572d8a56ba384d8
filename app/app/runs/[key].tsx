export { RunWorkPage as default } from '@/features/runs/RunWorkPage'
