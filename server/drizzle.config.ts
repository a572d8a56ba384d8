import { defineConfig } from 'drizzle-kit'

export default defineConfig({ dialect: 'sqlite', schema: './server/src/db/tablesForKit.ts', out: './server/drizzle' })
