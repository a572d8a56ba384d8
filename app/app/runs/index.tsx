export { RunsPage as default } from '@/features/runs/RunsPage'
