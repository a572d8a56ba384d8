import type { MinutePart } from '@thimble/contract'
import { faultIds, faultNames, verdictNames, verdicts } from '@thimble/core/outcomes'

export const faultChoices = faultIds.map((id) => ({ id, name: faultNames[id] }))
export const verdictChoices = verdicts.map((id) => ({ id, name: verdictNames[id] }))

export const minutePartNames: Readonly<Record<MinutePart, string>> = {
  ready: 'Preparing',
  hooping: 'Hooping',
  stitching: 'Stitching',
  finishing: 'Finishing',
}
