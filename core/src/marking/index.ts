export { type MarkingMeans, markingMeans, markRemoval } from './markingMeans'
export { preparation, preparationStep } from './preparation'
