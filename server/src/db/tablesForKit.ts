import * as tables from './tables'

// drizzle-kit looks for tables among a module's exports; those of the collections follow from the registry.
const { documentTables, tablesOf, ...others } = tables
module.exports = { ...documentTables, ...others }
