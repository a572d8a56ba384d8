export { PhonesPage as default } from '@/features/phones/PhonesPage'
