export { listPages, type ListRow } from './listPages'
export type { TemplateInk } from './templateInk'
export { type PaperId, papers, type Template, templatePages } from './templatePages'
