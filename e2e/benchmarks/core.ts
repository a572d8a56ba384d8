import {
  type HoopChoiceSource,
  type HoopField,
  placeInHoop,
  planPlacement,
  rankHoops,
  recommendRecipe,
  rectangle,
} from '@thimble/core'
import { defaultHabits } from '@thimble/core/habits'
import type { Figure } from './figure'

/** Median over rounds of the mean of a batch: these machines are noisy. */
function median(work: () => void, batch: number, rounds = 15): number {
  const means = Array.from({ length: rounds }, () => {
    const start = performance.now()
    for (let i = 0; i < batch; i++) work()
    return (performance.now() - start) / batch
  }).sort((a, b) => a - b)
  return means[Math.floor(rounds / 2)]!
}

const hull = Array.from({ length: 200 }, (_, i) => ({
  x: 42 * Math.cos((i * Math.PI) / 100),
  y: 31 * Math.sin((i * Math.PI) / 100),
}))
const tightHull = hull.map((p) => ({ x: p.x * 2, y: p.y * 2 }))
const shelf: HoopChoiceSource[] = Array.from({ length: 20 }, (_, i) => ({
  id: `h${i}`,
  name: `h${i}`,
  field: { shape: 'rect', width: 80 + i * 8, height: 80 + i * 11, cornerRadius: 5 },
  outside: { width: 114 + i * 8, height: 130 + i * 11 },
}))
const polo = { chestWidth: 540, shoulderToUnderarm: 210, neckWidth: 180, neckDrop: 76 }

function wholePlan(): void {
  const placement = planPlacement({
    kind: 'polo',
    placement: 'left-chest',
    measures: polo,
    design: { width: 84, height: 62 },
  })
  const { pose, item } = placement
  rankHoops({
    hull: rectangle(84, 62),
    hoops: shelf.slice(0, 8),
    item: { target: pose, outline: item.outline, zones: item.zones, tube: item.tube },
  })
  recipe()
}

/** A polo of the workshop, with a stash to count against. */
const recipe = () =>
  recommendRecipe({
    cloth: { family: 'pique', colour: '#27406b' },
    use: {},
    habits: defaultHabits,
    stash: [{ kind: 'cut-away-mesh-fusible', widthMm: 500, lengthMm: 4000 }],
    work: {
      widthMm: 84,
      heightMm: 62,
      loadClass: 'medium',
      kind: 'fill',
      topThread: { weight: 40, fibre: 'polyester', colours: ['#ffffff', '#8fb3d1'] },
    },
  })

export function measureCore(): Figure[] {
  const place = (field: HoopField, points = hull) =>
    median(() => placeInHoop({ hull: points, field, pose: { x: 3, y: -2, rotation: 10 } }), 20)
  return [
    {
      what: 'placeInHoop, 200-point hull, rounded rectangle',
      value: place({ shape: 'rect', width: 180, height: 130, cornerRadius: 12 }),
      unit: 'ms',
      aim: 1,
    },
    {
      what: 'the same, tight fit',
      value: place({ shape: 'rect', width: 180, height: 140, cornerRadius: 20 }, tightHull),
      unit: 'ms',
      aim: 1,
    },
    { what: 'the same, oval', value: place({ shape: 'oval', width: 180, height: 130 }), unit: 'ms', aim: 1 },
    {
      what: 'rank 20 hoops, 200-point hull',
      value: median(() => rankHoops({ hull, hoops: shelf }), 3),
      unit: 'ms',
      aim: 20,
    },
    { what: 'one recommendation', value: median(recipe, 50), unit: 'ms', aim: 5 },
    { what: 'whole plan: placement + 8 hoops + recipe', value: median(wholePlan, 5), unit: 'ms', aim: 20 },
  ]
}
