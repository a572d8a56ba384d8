export { type MarkingMeans, foldMarkedWith, markingMeans, markRemoval } from './markingMeans'
export { preparation, preparationStep } from './preparation'
export { preparationCare } from './preparationCare'
