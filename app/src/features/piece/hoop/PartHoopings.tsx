import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

type Props = { tools: Pick<PieceTools, 'marked'>; parts: readonly (readonly number[])[] | null }

/** What of a long design is sewn in one hooping, by the names of its parts. */
export const partNames = ({ marked }: Pick<PieceTools, 'marked'>, parts: readonly number[]): string =>
  parts.map((i) => marked.design.parts[i]?.name ?? `part ${i + 1}`).join(', ')

/** The hoopings of a long design, each with its parts. */
export function PartHoopings({ tools, parts }: Props) {
  if (!parts) return null
  return (
    <>
      <Text>It’s longer than the field, so hoop it part by part: the marks stay, the hoop moves.</Text>
      {parts.map((group, i) => (
        <Text key={i} soft>{`Hooping ${i + 1}: ${partNames(tools, group)}`}</Text>
      ))}
    </>
  )
}
