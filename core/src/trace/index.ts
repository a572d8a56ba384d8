export { type Trace, traceOutline, type TraceQuery } from './traceOutline'
