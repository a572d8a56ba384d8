/* The pages of designs as one script. */
export { AddDesignPage } from './AddDesignPage'
export { DesignRoute } from './DesignRoute'
export { DesignsPage } from './DesignsPage'
export { GroupPage } from './GroupPage'
export { WordingPage } from './LetteringPage'
