/* The stash and its forms as one script. */
export { StarterPage } from './StarterPage'
export { StashPage } from './StashPage'
export { ThingForm } from './ThingForm'
export { ToBuyPage } from './ToBuyPage'
