export { type MarkingId, markingIds, type MarkingMeans, markingMeans } from './markingMeans'
