import { asked as t } from '@thimble/language/en/asked'
import { z } from './sentences'

export const BACKUP_FORMAT = 'zealous-thimble-backup'
export const BACKUP_VERSION = 1

/** What lies in a backup: a zip whose files are named here, each with its length and checksum. */
export const BackupManifest = z.strictObject({
  format: z.literal(BACKUP_FORMAT, t('no-backup', { format: BACKUP_FORMAT })),
  version: z.literal(BACKUP_VERSION, t('backup-too-new', { version: BACKUP_VERSION })),
  shop: z.string(),
  at: z.iso.datetime(),
  files: z
    .array(
      z.strictObject({ name: z.string().max(200), bytes: z.int().min(0), sha256: z.string().regex(/^[0-9a-f]{64}$/) }),
    )
    .max(200_000),
})
export type BackupManifest = z.infer<typeof BackupManifest>

const Kept = z.strictObject({ name: z.string(), at: z.iso.datetime(), bytes: z.int() })

/** Backups the program takes by itself, the latest first; `problem`: why the last one could not be written. */
export const Backups = z.strictObject({ folder: z.string(), kept: z.array(Kept), problem: z.string().nullable() })
export type Backups = z.infer<typeof Backups>
