import { formatLength, type ItemKind, itemKinds, parseLength, planPlacement, type PlacementPlan } from '../src'
import { presetMeasures, usualDesign } from '../src/placement'
import { boxOf } from '../src/plane'
import { writeName } from '../src/messages/writeMessage'

/** A hand with a tape: it knows the item's named lines and edges, and only what the sentences say. */
function followed({ steps, item }: PlacementPlan): { x: number; y: number } {
  const number = (text: string): number => parseLength(text.trim(), 'mm')
  const box = boxOf(item.outline)
  const lineAt = (name: string, axis: 'level' | 'upright'): number => {
    if (name === 'the crease') return 0
    const line = item.lines.find((l) => l.axis === axis && writeName(l.name) === name)
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
      /^From (.+?) go \S+ mm to (.+?): the .+; go (?:on|back) to (\S+ mm)/,
      ([line, side, far]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [
      /; the cross lies on the other side: go (\S+ mm) to (.+?) from (.+?) and/,
      ([far, side, line]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [
      / lies on (.+?): from it go (\S+ mm) to (.+?) and/,
      ([line, far, side]) => (x = lineAt(line!, 'upright') + sign(side!) * number(far!)),
    ],
    [/^Mark the middle of the pocket’s top/, () => (x = pocket!.at)],
    [/^Draw a line straight up and down along (.+?)[.:]/, ([line]) => (x = lineAt(line!, 'upright'))],
    [
      /, level, (\S+ mm) (below|above) (.+?): mark the cross/,
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
const single = (kind: ItemKind) => kind.placements.filter((p) => p.arrange === 'one')

it('a hand that does only what the steps say comes to every single place, at every size', () => {
  for (const kind of itemKinds)
    for (const rule of single(kind))
      for (const size of kind.sizes) {
        const plan = planPlacement({
          ...{ kind: kind.id, placement: rule.id, measures: presetMeasures(kind, size.id) },
          design: usualDesign(kind, rule, presetMeasures(kind, size.id)) ?? usual,
        })
        const { x, y } = followed(plan)
        const what = `${kind.id} ${rule.id} ${size.id}: ${plan.steps.map((s) => s.text).join(' ')}`
        expect([what, Math.abs(x - plan.pose.x) <= 1, Math.abs(y - plan.pose.y) <= 1]).toEqual([what, true, true])
      }
})

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
        const on = /the \S*.*?; go on to (\d+) mm/.exec(what)
        if (on) expect(Number(on[1])).toBeGreaterThan(mm)
      }
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
  expect(texts('lower-left').at(-1)).toBe('Arrow beyond the right dot: there the design has its top.')
  expect(texts('upper-right').at(-1)).toBe('Arrow beyond the left dot: there the design has its top.')
})

describe('a row', () => {
  const pillowcase = planPlacement({
    ...{ kind: 'pillowcase', placement: 'band-row', design: { width: 50, height: 30 } },
    measures: { width: 500, length: 750, band: 100 },
  })
  it('is marked from the fold of the whole edge, its hems said', () => {
    const texts = pillowcase.steps.map((s) => s.text)
    expect(texts[0]).toBe('Fold the open end in half and mark its middle, 250 mm from either end.')
    expect(texts[1]).toMatch(/^The row keeps 15 mm clear at either end/)
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
