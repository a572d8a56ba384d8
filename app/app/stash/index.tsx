export { StashPage as default } from '@/features/stash/StashPage'
