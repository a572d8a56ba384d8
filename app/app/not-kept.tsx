export { SyncIssuesPage as default } from '@/features/syncIssues/SyncIssuesPage'
