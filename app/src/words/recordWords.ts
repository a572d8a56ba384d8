import { faultNames, verdictNames } from '@thimble/language'
import { things as t } from '@thimble/language/en/things'
import type { MinutePart } from '@thimble/contract'
import { faultIds, verdicts } from '@thimble/core/outcomes'

export const faultChoices = faultIds.map((id) => ({ id, name: faultNames[id] }))
export const verdictChoices = verdicts.map((id) => ({ id, name: verdictNames[id] }))

export const minutePartNames: Readonly<Record<MinutePart, string>> = {
  ready: t('preparing'),
  hooping: t('hooping'),
  stitching: t('stitching'),
  finishing: t('finishing'),
}
