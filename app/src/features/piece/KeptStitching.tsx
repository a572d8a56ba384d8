import { beforeStart } from '@thimble/plan'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { KeptList } from './KeptList'
import type { KeptProps } from './StageProps'
import { ThreadsInOrder } from './ThreadsInOrder'
import { useBuilt } from './usePiece'

/** The list before the start as it stood when the piece was stitched. */
export function KeptStitching({ tools }: KeptProps) {
  const built = useBuilt(tools)
  const lines = beforeStart(tools.piece, built)
  return (
    <>
      <Section title="Before the start">
        {lines.length > 0 ? <KeptList lines={lines} /> : <Words soft>There was no stack to make a list from.</Words>}
      </Section>
      <ThreadsInOrder colours={tools.piece.stitch.kept[0]?.colours ?? []} />
    </>
  )
}
