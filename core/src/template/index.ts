export { listPages, type ListRequest, type ListRow } from './listPages'
export type { TemplateInk, TemplatePage } from './templateInk'
export { type PaperId, papers, type Template, templatePages, type TemplateRequest } from './templatePages'
