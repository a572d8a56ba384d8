import { apply } from 'json-merge-patch'
import fc from 'fast-check'
import { wayBack } from '@/state/wayBack'

describe('wayBack', () => {
  it('brings back a part that was taken off, with all that was in it', () => {
    const doc = { name: 'Polo', zones: { a: { kind: 'zip', width: '12' }, b: { kind: 'print' } } }
    expect(wayBack(doc, { zones: { a: null } })).toEqual({ zones: { a: { kind: 'zip', width: '12' } } })
  })

  it('takes any patch back, and leaves what was changed elsewhere meanwhile', () => {
    const value = fc.oneof(fc.string(), fc.integer(), fc.boolean())
    const key = fc.constantFrom('a', 'b', 'c')
    const flat = fc.dictionary(key, value)
    const doc = fc.dictionary(key, fc.oneof(value, flat))
    const patch = fc.dictionary(key, fc.oneof(value, flat, fc.constant(null)))
    fc.assert(
      fc.property(doc, patch, (before, change) => {
        const back = wayBack(before, change)
        const after = { ...(apply(structuredClone(before), structuredClone(change)) as object), other: 1 }
        expect(apply(after, back)).toEqual({ ...before, other: 1 })
      }),
    )
  })
})
