export { type MarkingId, markingIds, type MarkingMeans, markingMeans, markRemoval } from './markingMeans'
export { preparation, preparationStep } from './preparation'
