import { chmodSync } from 'node:fs'

/** Lets only its owner read a file; where it belongs to somebody else it stays as that one has it. */
export function ownersOnly(file: string): void {
  try {
    chmodSync(file, 0o600)
  } catch {
    // Not ours to change.
  }
}
