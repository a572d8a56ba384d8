import { formatLength, parseLength, planPlacement, type PlacementPlan } from '../src'
import { type ItemKind, itemKinds, presetMeasures, usualDesign } from '../src/placement'
import { boxOf } from '../src/plane'
import { writeName } from '@thimble/language'

/** A hand with a tape: it knows the item's named lines and edges, and only what the sentences say. */
function followed({ steps, item }: PlacementPlan): { x: number; y: number } {
  const number = (text: string): number => parseLength(text.trim(), 'mm')
  const box = boxOf(item.outline)
  const lineAt = (name: string, axis: 'level' | 'upright'): number => {
    if (name === 'the crease' || name === 'the marked line') return 0
    // Where the cloth takes no crease, the middle one is only called the middle.
    const called = (of: string): string => (/crease/.test(of) && name === 'the middle' ? name : of)
    const line = item.lines.find((l) => l.axis === axis && called(writeName(l.name)) === name)
    if (!line) throw new Error(`no ${axis} line called “${name}”`)
    return line.at
  }
  let [x, y] = [0, Number.NaN]
  const sign = (side: string): number => (/your right/.test(side) ? 1 : -1)
  const pocket = item.lines.find(({ id }) => id === 'pocket-middle')
  const ways: readonly [RegExp, (found: string[]) => void][] = [
    [
      /^From (.+?) go (\S+ mm) to (.+?) and draw/,
      ([line, far, side]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [
      /^From (.+?) go \S+ mm to (.+?): the .+?\. Go (?:on|back) to (\S+ mm)/,
      ([line, side, far]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [
      /\. For the cross go (\S+ mm) to (.+?) from (.+?) and/,
      ([far, side, line]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [
      / lies on (.+?)\. From it go (\S+ mm) to (.+?) and/,
      ([line, far, side]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [/^Mark the middle of the pocket’s top/, () => (x = pocket!.at)],
    [/^Draw a line straight up and down along (.+?)[.:]/, ([line]) => (x = lineAt(line!, 'upright'))],
    [
      / level, (\S+ mm) (below|above) (.+?)\. Mark the cross/,
      ([far, way, line]) => (y = lineAt(line!, 'level') + (way === 'below' ? 1 : -1) * number(far!)),
    ],
    [
      /^Go (?:on|back|back over it,) to (\S+ mm) (below|above) (.+?): mark/,
      ([far, way, line]) => (y = lineAt(line!, 'level') + (way === 'below' ? 1 : -1) * number(far!)),
    ],
    [/^Mark the cross (?:where|on) (.+?) (?:meets|itself)/, ([line]) => (y = lineAt(line!, 'level'))],
    [
      /^At .+ corner go (\S+ mm) in from the (left|right) edge/,
      ([far, edge]) => (x = edge === 'left' ? box.left + number(far!) : box.right - number(far!)),
    ],
    [
      /^Go (\S+ mm) in from the (upper|lower) edge/,
      ([far, edge]) => (y = edge === 'upper' ? box.top + number(far!) : box.bottom - number(far!)),
    ],
  ]
  for (const { text } of steps)
    for (const [pattern, go] of ways) {
      const found = pattern.exec(text)
      if (found) go(found.slice(1))
    }
  return { x, y }
}

const usual = { width: 83, height: 61 }
const single = (kind: ItemKind) => kind.placements.filter((p) => p.arrange === 'one' || p.arrange === 'ends')

it.each(['crease', 'pins', 'tape'] as const)(
  'a hand that does only what the steps say, its folds marked by %s, comes to every single place',
  (fold) => {
    for (const kind of itemKinds)
      for (const rule of single(kind))
        for (const size of fold === 'crease' ? kind.sizes : kind.sizes.slice(0, 1)) {
          const plan = planPlacement({
            ...{ kind: kind.id, placement: rule.id, measures: presetMeasures(kind, size.id), fold },
            design: usualDesign(kind, rule, presetMeasures(kind, size.id)) ?? usual,
          })
          const { x, y } = followed(plan)
          const what = `${kind.id} ${rule.id} ${size.id}: ${plan.steps.map((s) => s.text).join(' ')}`
          expect([what, Math.abs(x - plan.pose.x) <= 1, Math.abs(y - plan.pose.y) <= 1]).toEqual([what, true, true])
          if (fold !== 'crease') expect(what).not.toMatch(/crease/)
        }
  },
)

it('and with distances of one’s own to any edge of the design, on either side of the line', () => {
  const kind = itemKinds.find(({ id }) => id === 'polo')!
  for (const edge of ['start', 'centre', 'end'] as const)
    for (const toward of [1, -1] as const)
      for (const mm of [0, 7, 31, 42, 90]) {
        const request = {
          ...{ kind: 'polo', placement: 'left-chest', measures: presetMeasures(kind, 'M'), design: usual },
          anchors: { across: { line: 'centre', edge, toward }, down: { line: 'shoulder', edge, toward: 1 as const } },
        }
        const [down, across] = planPlacement(request).distances
        const plan = planPlacement({ ...request, distances: { [across!.id]: mm, [down!.id]: mm + 150 } })
        const { x, y } = followed(plan)
        const what = plan.steps.map((s) => s.text).join(' ')
        expect([what, Math.abs(x - plan.pose.x) <= 1, Math.abs(y - plan.pose.y) <= 1]).toEqual([what, true, true])
        expect(what).not.toMatch(/(?<![\d.])0 mm/)
        const on = /the \S*.*?\. Go on to (\d+) mm/.exec(what)
        if (on) expect(Number(on[1])).toBeGreaterThan(mm)
      }
})

/** The turn of a design by where its arrow is said to point. */
function arrowOf({ steps }: PlacementPlan): number {
  const text = steps.find(({ id }) => id === 'arrow')!.text
  if (/beyond the upper dot, toward the upper edge/.test(text)) return 0
  const side = /beyond the (right|lower|left) dot/.exec(text)![1]!
  return { right: 90, lower: 180, left: -90 }[side as 'right']
}

it('and to each cross of a scatter, and with the piece turned half round to the other end', () => {
  const tee = itemKinds.find(({ id }) => id === 'tee')!
  const spots = [
    { down: 120, across: 0 },
    { down: 205, across: -110 },
    { down: 60, across: 140 },
  ]
  const { steps, copies } = planPlacement({
    ...{
      kind: 'tee',
      placement: 'scatter',
      measures: presetMeasures(tee, 'm'),
      spots,
      design: { width: 30, height: 30 },
    },
  })
  const said = steps.flatMap(({ text }) => {
    const found =
      /^Cross \d: (\d+) mm below the neck seam, (?:on the centre line|(\d+) mm to (.+?) of the centre line)/.exec(text)
    return found
      ? [{ x: (/your left/.test(found[3] ?? '') ? -1 : 1) * Number(found[2] ?? 0), y: Number(found[1]) }]
      : []
  })
  expect(said).toEqual(copies.map(({ pose: { x, y } }) => ({ x, y })))
  expect(said).toEqual([
    { x: 0, y: 120 },
    { x: -110, y: 205 },
    { x: 140, y: 60 },
  ])

  const towel = planPlacement({
    ...{ kind: 'tea-towel', placement: 'both-ends', measures: { width: 480, length: 700 } },
    design: { width: 100, height: 60 },
  })
  // 58 above either hem to the foot, 88 to the middle; the other end turned half round.
  expect(towel.copies.map(({ pose }) => pose)).toEqual([
    { x: 0, y: -88, rotation: 0 },
    { x: 0, y: -612, rotation: 180 },
  ])
  expect(towel.steps.at(-3)!.text).toBe('Turn the piece end for end and mark the other end the same way.')
})

it('and to one corner by itself, upright or turned, of a piece that is longer than wide', () => {
  for (const corner of ['lower-right', 'lower-left', 'upper-left', 'upper-right'])
    for (const stands of ['turned', 'upright']) {
      const plan = planPlacement({
        ...{ kind: 'napkin', placement: 'corner', measures: { width: 300, length: 500, hem: 10 } },
        ...{ design: { width: 100, height: 40 }, choices: { corner, stands } },
      })
      const [{ x, y }, { pose }] = [followed(plan), plan]
      expect([corner, stands, x, y]).toEqual([corner, stands, expect.closeTo(pose.x, 6), expect.closeTo(pose.y, 6)])
      // The arrow points where the design’s own top is.
      expect([corner, stands, arrowOf(plan)]).toEqual([corner, stands, plan.pose.rotation])
      // The nearest edges lie 30 from both hems, however it stands.
      const [item, design] = [boxOf(plan.item.outline), boxOf(plan.designOutline)]
      const near = [
        design.left - item.left,
        item.right - design.right,
        design.top - item.top,
        item.bottom - design.bottom,
      ]
      expect(near.sort((a, b) => a - b).slice(0, 2)).toEqual([expect.closeTo(30, 6), expect.closeTo(30, 6)])
      expect(plan.pose.rotation).toBe(
        stands === 'upright'
          ? 0
          : { 'lower-right': 0, 'lower-left': 90, 'upper-left': 180, 'upper-right': -90 }[corner],
      )
    }
})

it('names the dots and the arrow of a turned design as they lie', () => {
  const texts = (corner: string): string[] =>
    planPlacement({
      ...{ kind: 'napkin', placement: 'corner', measures: { width: 300, length: 500, hem: 10 } },
      ...{ design: { width: 100, height: 40 }, choices: { corner } },
    }).steps.map((s) => s.text)
  expect(texts('lower-right')).toContain('Dots 60 mm left and right of the cross, 30 mm above and below it.')
  expect(texts('lower-left')).toContain('Dots 30 mm left and right of the cross, 60 mm above and below it.')
  expect(texts('lower-left').at(-1)).toBe('Arrow beyond the right dot: the top of the design.')
  expect(texts('upper-right').at(-1)).toBe('Arrow beyond the left dot: the top of the design.')
})

describe('a row', () => {
  const pillowcase = planPlacement({
    ...{ kind: 'pillowcase', placement: 'band-row', design: { width: 50, height: 30 } },
    measures: { width: 500, length: 750, band: 100 },
  })
  it('is marked from the fold of the whole edge, its hems said', () => {
    const texts = pillowcase.steps.map((s) => s.text)
    expect(texts[0]).toBe('Fold the open end in half and mark its middle, 250 mm from each end.')
    expect(texts[1]).toMatch(/^The row stays 15 mm clear of each end/)
  })

  it('gives each cross from the middle, however many there are', () => {
    const plan = planPlacement({
      ...{ kind: 'skirt', placement: 'border-row', design: { width: 60, height: 40 } },
      ...{ measures: { hemRound: 2995, hem: 30 }, row: { count: 41 } },
    })
    const said = plan.steps.flatMap(({ text }) =>
      /crosses|cross at/.test(text) ? (text.match(/\d+(?= mm)/g) ?? []) : [],
    )
    const right = plan.row!.centres.filter((x) => x > 0).map((x) => formatLength(x, { unit: 'mm' }))
    expect(said.map((mm) => `${mm} mm`)).toEqual(right)
  })

  it('along another edge than the lower has that edge turned to the worker first', () => {
    const [first] = planPlacement({
      ...{ kind: 'table-runner', placement: 'border-row', measures: { width: 350, length: 1400, hem: 12 } },
      design: { width: 100, height: 40 },
    }).steps
    expect(first!.text).toBe('Turn it so that the long edge lies toward you.')
  })
})
