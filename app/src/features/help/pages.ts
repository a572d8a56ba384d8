export { HelpPage } from './HelpPage'
