import { all, any, type Condition, when } from '../condition'
import { coated, heavy, sturdy } from '../conditions/cloth'
import { applique, fineLetters, metallic, satin, weight } from '../conditions/work'
import { isSticky } from '../strength'
import { type Stacked, uses } from './stackRule'

/** Stitches a minute of craft.md section 8: slower for metallic, thick and sticky work. The first rule that applies decides. */
type SpeedRule = { id: string; spm: number; when: Condition<Stacked> }

const sticky = uses('sticky backing', isSticky)
const thick = when('from 2.5 mm thick', (f) => f.thickness >= 2.5)

export const speedRules: readonly SpeedRule[] = [
  { id: 'speed.metallic', spm: 450, when: any(metallic, weight(12)) },
  { id: 'speed.fine-letters-firm', spm: 500, when: all(fineLetters, any(sturdy, coated)) },
  { id: 'speed.fine-letters', spm: 600, when: fineLetters },
  { id: 'speed.sticky', spm: 600, when: any<Stacked>(sticky, thick, heavy, coated) },
  { id: 'speed.applique', spm: 600, when: applique },
  {
    id: 'speed.fine',
    spm: 650,
    when: any(
      weight(30),
      satin,
      when('under 120 g/m2', (f) => f.gsm < 120),
    ),
  },
  { id: 'speed.usual', spm: 750, when: when('most work', () => true) },
]
