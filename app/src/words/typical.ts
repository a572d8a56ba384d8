import { things as t } from '@thimble/language/en/things'
/** The note of what was taken with typical numbers; it goes when its own are typed. */
export const TYPICAL = t('typical-numbers-not-measured-yet')

export const typicalText = ({ note }: { note: string }): string => (note === TYPICAL ? t('typical') : '')
