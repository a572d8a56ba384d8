import { piece as t } from '@thimble/language/en/piece'
import { faultNames, writeMessage } from '@thimble/language'
import type { Piece } from '@thimble/contract'
import { troubleChange } from '@thimble/core/suggestedChanges'
import { AdviceBar } from '@/ui/AdviceBar'

/** The change that is tried on this piece, for a fault of the one before. */
export function Trying({ change, fault, from }: NonNullable<Piece['build']['trying']>) {
  const tried = troubleChange(change)
  if (!tried) return null
  const says = t('trying-this-time-because-had', {
    from,
    faultNames: faultNames[fault].toLowerCase(),
    writeMessage: writeMessage(tried.said),
  })
  return <AdviceBar advice={{ code: 'trying', text: says, severity: 'caution' }} />
}
