import { piece as t } from '@thimble/language/en/piece'
import { familyFacts } from '@thimble/core/recipe'
import { pullTest } from '@thimble/plan'
import { LimitedField } from '@/ui/LimitedField'
import type { PieceTools } from './usePiece'

type Props = { tools: Pick<PieceTools, 'piece' | 'shelf' | 'set'>; number: string }

/** How far 100 mm, or 4 inches, come to by a gentle pull; kept as it was typed. */
export function PullTest({ tools: { piece, shelf, set }, number }: Props) {
  const { cloth } = piece.build
  const inches = shelf.shop.unit === 'in'
  const { shown, problem, write, typed } = pullTest(cloth.stretch, inches)
  const [low, high] = familyFacts[cloth.family].stretch
  const over = inches ? t('4-inches') : t('100-mm')
  const unit = inches ? '/16"' : 'mm'
  return (
    <LimitedField
      label={t('how-far-does-stretch', { number, over })}
      most={10}
      suffix={unit}
      big
      keyboard="numeric"
      value={shown}
      problem={problem}
      placeholder={write((low + high) / 2)}
      hint={t('pull-gently-across-usual-here', {
        low: write(low),
        high: write(high),
        which: inches ? t('sixteenths') : t('mm'),
      })}
      onChange={(text) => set({ build: { cloth: { stretch: typed(text), told: true } } })}
    />
  )
}
