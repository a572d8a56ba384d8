import { faultIds, faultNames, verdictNames, verdicts } from '@thimble/core/records'

export const faultChoices = faultIds.map((id) => ({ id, name: faultNames[id] }))
export const verdictChoices = verdicts.map((id) => ({ id, name: verdictNames[id] }))
