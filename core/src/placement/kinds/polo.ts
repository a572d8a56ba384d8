import { note, type Advice } from '../../advice'
import { CoreError } from '../../errors'
import { chestDepth } from '../chestDepth'
import type { ItemKind, Measures, PlacementContext, PlacementRule, PlacementTarget, StepDraft } from '../itemKind'
import { at } from '../curve'
import { poloFrame, poloShape } from './poloShape'

const bySize = (...mm: number[]): Record<string, number> =>
  Object.fromEntries(['child', 's', 'm', 'l', 'xl', '2xl', '3xl'].map((size, i) => [size, mm[i]!]))

function requireSound(m: Measures): void {
  if (m.neckWidth! >= m.chestWidth! * 0.7) {
    const text = 'The neck comes out nearly as wide as the chest: measure both again.'
    throw new CoreError('contradiction', text, 'measures.neckWidth')
  }
  if (m.neckDrop! >= m.shoulderToUnderarm!) {
    const text = 'The neck seam comes out below the underarm: measure both again.'
    throw new CoreError('contradiction', text, 'measures.neckDrop')
  }
}

/** Default depth below the shoulder point, never lower than the underarm line (craft.md section 2). */
function usualDepth({ measures: m, habits }: PlacementContext): number {
  if (habits.chestRule === 'underarm-level') return m.shoulderToUnderarm!
  return Math.min(chestDepth(m.chestWidth!), m.shoulderToUnderarm!)
}

function chestTarget(side: 'left' | 'right', c: PlacementContext): PlacementTarget {
  const { measures: m, write } = c
  requireSound(m)
  const { shoulder, underarm, half } = poloFrame(m)
  const sign = side === 'left' ? 1 : -1
  const [hand, yours] = side === 'left' ? ['left', 'right'] : ['right', 'left']
  const assumed = { down: usualDepth(c), across: m.neckWidth! / 2 }
  const down = c.distances.down ?? assumed.down
  const across = c.distances.across ?? assumed.across
  const centre = at(sign * across, shoulder.y + down)
  const fromNeck = c.habits.chestRule === 'neck-seam'
  const aboveUnderarm = underarm.y - centre.y

  const depth: StepDraft = fromNeck
    ? {
        id: 'depth',
        text: `From the level of the neck seam go ${write(centre.y)} straight down: chalk the cross there.`,
        lengths: [centre.y],
        marks: ['cross'],
      }
    : {
        id: 'depth',
        text: `From the shoulder point go ${write(down)} straight down: chalk the cross where the two meet.`,
        lengths: [down],
        marks: ['cross'],
      }
  const level =
    Math.abs(aboveUnderarm) < 1
      ? { id: 'level', text: 'Check: the cross lies level with the underarm.', lengths: [] }
      : {
          id: 'level',
          text: `Check: the cross lies ${write(Math.abs(aboveUnderarm))} ${aboveUnderarm > 0 ? 'above' : 'below'} the underarm line.`,
          lengths: [aboveUnderarm],
        }

  const warnings: Advice[] = []
  if (aboveUnderarm < -1)
    warnings.push(
      note(
        'below-underarm',
        `The cross lies ${write(-aboveUnderarm)} below the underarm; chest designs sit level with it or a little above.`,
      ),
    )
  // The tapes lie beside the design, so that they do not hide the marks.
  const beside = centre.x + sign * (c.design.width / 2 + 30)
  const below = centre.y + c.design.height / 2 + 34
  return {
    centre,
    distances: [
      { id: 'down', name: 'Below the shoulder point', mm: down, assumed: assumed.down, plausible: [60, 320] },
      { id: 'across', name: 'From the centre line', mm: across, assumed: assumed.across, plausible: [30, half] },
    ],
    tapes: [
      { id: 'down', from: at(beside, fromNeck ? 0 : shoulder.y), to: at(beside, centre.y) },
      { id: 'across', from: at(0, below), to: at(centre.x, below) },
    ],
    steps: [
      {
        id: 'centre-line',
        text: `Fold the side seams together and crease the front lightly, ${write(half)} from either seam.`,
        lengths: [half],
      },
      {
        id: 'across',
        text: `From the crease go ${write(across)} to the wearer’s ${hand} (your ${yours}).`,
        lengths: [across],
      },
      depth,
      level,
    ],
    summary: fromNeck
      ? `Cross ${write(centre.y)} below the neck seam, ${write(across)} from centre`
      : `Cross ${write(down)} below the shoulder point, ${write(across)} from centre`,
    warnings,
  }
}

const chest = (side: 'left' | 'right'): PlacementRule => ({
  id: `${side}-chest`,
  name: side === 'left' ? 'Wearer’s left chest (your right)' : 'Wearer’s right chest (your left)',
  anchor: 'centre',
  upIs: 'the neck',
  needs: ['chestWidth', 'neckWidth', 'shoulderToUnderarm', 'neckDrop'],
  target: (context) => chestTarget(side, context),
})

export const polo: ItemKind = {
  id: 'polo',
  name: 'Polo',
  reference: 'centre line at the front neck seam',
  measurements: [
    {
      id: 'chestWidth',
      name: 'Seam to seam at the underarm',
      howTo: 'Laid flat, face up, one side seam to the other.',
      plausible: [300, 800],
      presets: bySize(400, 490, 540, 580, 620, 670, 720),
    },
    {
      id: 'shoulderToUnderarm',
      name: 'Shoulder point to underarm',
      howTo: 'From where collar and shoulder seam meet, straight down to underarm level.',
      plausible: [130, 320],
      presets: bySize(165, 200, 210, 225, 240, 255, 265),
    },
    {
      id: 'neckWidth',
      name: 'Neck, shoulder point to shoulder point',
      howTo: 'Full width across, collar closed and flat.',
      plausible: [110, 260],
      presets: bySize(145, 172, 180, 184, 190, 196, 202),
    },
    {
      id: 'neckDrop',
      name: 'Shoulder point down to the neck seam',
      howTo: 'From shoulder-point level to the collar seam at centre front.',
      plausible: [40, 140],
      presets: bySize(60, 72, 76, 80, 84, 88, 92),
    },
  ],
  sizes: [
    { id: 'child', name: 'Child' },
    { id: 's', name: 'S' },
    { id: 'm', name: 'M' },
    { id: 'l', name: 'L' },
    { id: 'xl', name: 'XL' },
    { id: '2xl', name: '2XL' },
    { id: '3xl', name: '3XL' },
  ],
  usualSize: 'm',
  usualCloth: 'pique',
  shape: poloShape,
  placements: [chest('left'), chest('right')],
}
