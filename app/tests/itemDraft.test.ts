import { readItem } from '@/features/items/itemDraft'

describe('an item of one’s own as typed', () => {
  const texts = {
    name: 'Flap',
    edges: ['200', '15 cm', '200', '150 mm'].map((length) => ({ length, turn: '' })),
    lines: [{ name: 'Fold', axis: 'level' as const, at: '0' }],
    strips: [{ edge: '2', depth: '1/2 in' }],
  }

  it('is read in any units', () => {
    const { item, problems } = readItem(texts, 'mm')
    expect(problems).toEqual({})
    expect(item).toEqual({
      name: 'Flap',
      edges: [200, 150, 200, 150].map((length) => ({ length, turn: null })),
      lines: [{ name: 'Fold', axis: 'level', at: 0 }],
      strips: [{ edge: 2, depth: 12.7 }],
    })
  })

  it('has a sentence at each thing that is wrong', () => {
    const { item, problems } = readItem(
      {
        ...texts,
        name: ' ',
        edges: [...texts.edges, { length: 'x', turn: '200' }],
        strips: [{ edge: '9', depth: '0' }],
      },
      'mm',
    )
    expect(item).toBeNull()
    expect(Object.keys(problems).sort()).toEqual([
      'edges.4.length',
      'edges.4.turn',
      'name',
      'strips.0.depth',
      'strips.0.edge',
    ])
    expect(
      readItem({ ...texts, edges: texts.edges.map((e, i) => (i === 3 ? { ...e, length: '90' } : e)) }, 'mm').problems
        .edges,
    ).toMatch(/alike/)
  })

  it('leaves a corner out of it that was typed before edges were taken off', () => {
    const edges = texts.edges.map((e, i) => (i === 1 ? { ...e, turn: '-90' } : e))
    expect(readItem({ ...texts, edges }, 'mm').item!.edges[1]).toEqual({ length: 150, turn: null })
  })
})
