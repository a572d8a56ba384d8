import { hoop as t } from '@thimble/language/en/hoop'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

type Props = { tools: Pick<PieceTools, 'marked'>; parts: readonly (readonly number[])[] | null }

/** What of a long design is sewn in one hooping, by the names of its parts. */
export const partNames = ({ marked }: Pick<PieceTools, 'marked'>, parts: readonly number[]): string =>
  parts.map((i) => marked.design.parts[i]?.name ?? t('part', { i: i + 1 })).join(', ')

/** The hoopings of a long design, each with its parts. */
export function PartHoopings({ tools, parts }: Props) {
  if (!parts) return null
  return (
    <>
      <Text>{t('its-longer-than-the-field')}</Text>
      {parts.map((group, i) => (
        <Text key={i} soft>
          {t('hooping', { i: i + 1, partNames: partNames(tools, group) })}
        </Text>
      ))}
    </>
  )
}
