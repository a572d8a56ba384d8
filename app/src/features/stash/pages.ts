/* The stash and its forms as one script. */
export { StashPage } from './StashPage'
export { ThingForm } from './ThingForm'
export { ToBuyPage } from './ToBuyPage'
