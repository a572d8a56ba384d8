export { AddDesignPage as default } from '@/features/designs/AddDesignPage'
