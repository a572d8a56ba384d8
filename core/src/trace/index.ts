export { traceOutline } from './traceOutline'
