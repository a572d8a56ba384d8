export { ToBuyPage as default } from '@/features/stash/ToBuyPage'
