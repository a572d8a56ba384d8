import { measure as t } from '@thimble/language/en/measure'
import { Fold } from '@/ui/Fold'
import type { PieceTools } from '../usePiece'
import { DesignPicker } from './DesignPicker'

/** The design, by its name and size; open while none is chosen. */
export function DesignFold({ tools }: { tools: PieceTools }) {
  const { design, problems, write } = tools.plan
  const size = `${write(design.width)} × ${write(design.height)}`
  const wrong = Object.keys(problems).some((path) => path.startsWith('design'))
  const answer = design.missing
    ? t('not-here-yet')
    : design.assumed
      ? t('none-yet')
      : [design.name, size].filter(Boolean).join(', ')
  return (
    <Fold title={t('design-2')} answer={answer} open={design.assumed} wrong={wrong}>
      <DesignPicker tools={tools} />
    </Fold>
  )
}
