export { DesignsPage as default } from '@/features/designs/DesignsPage'
