export { GroupPage as default } from '@/features/designs/GroupPage'
