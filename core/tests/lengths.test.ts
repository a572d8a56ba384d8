import fc from 'fast-check'
import { CoreError, formatLength, parseLength } from '../src'

describe('parseLength', () => {
  it.each([
    ['7', 'mm', 7],
    ['.5', 'cm', 5],
    ['7.25', 'mm', 7.25],
    ['7,25', 'cm', 72.5],
    ['7.', 'mm', 7],
    ['7 1/4', 'in', 184.15],
    ['7-1/4', 'in', 184.15],
    ['7¼', 'in', 184.15],
    ['7 ½', 'in', 190.5],
    ['½"', 'mm', 12.7],
    ['1/2', 'in', 12.7],
    ['⅜ in', 'mm', 9.525],
    ['21 1/4 in', 'mm', 539.75],
    ['18 CM', 'in', 180],
    ['1.2 m', 'mm', 1200],
    ['2 ft', 'mm', 609.6],
    ['5\' 3 1/2"', 'mm', 1612.9],
    ['5 ft 3 in', 'cm', 1600.2],
    ['5′3', 'mm', 1600.2],
    ['0', 'in', 0],
    ['12 in.', 'mm', 304.8],
    ['3″', 'mm', 76.2],
    ['3”', 'mm', 76.2],
    ['  40 mm ', 'in', 40],
    ['5 ft. 3 in.', 'mm', 1600.2],
    ['7⅞ inches', 'mm', 200.025],
  ] as const)('reads %j in %s as %d mm', (text, unit, mm) => {
    expect(parseLength(text, unit)).toBeCloseTo(mm, 9)
  })

  it.each([
    '',
    '   ',
    '-7',
    '−7',
    '7 8',
    '7 mm 8',
    '7 1/4 1/4',
    '1e3',
    '7 furlongs',
    '1/0',
    '7 5/4',
    '5/4',
    '7.5 1/4',
    '¼4',
    "5' 3 cm",
    '3 ft 2 ft',
    '1/2/3',
    '7..',
    'mm',
    '.',
    "6'-3",
  ])('refuses %j and repeats it', (text) => {
    expect(() => parseLength(text, 'mm')).toThrow(CoreError)
    expect(() => parseLength(text, 'mm')).toThrow(
      expect.objectContaining({ code: 'bad-length', message: expect.stringContaining(text) }),
    )
  })

  it('never gives anything but a finite length from zero up or a bad-length', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom(...'0123456789 ./-,¼½\'"minft'.split('')), maxLength: 12 }),
        (text) => {
          try {
            const mm = parseLength(text, 'in')
            return Number.isFinite(mm) && mm >= 0
          } catch (error) {
            return error instanceof CoreError && error.code === 'bad-length'
          }
        },
      ),
      { numRuns: 2000 },
    )
  })
})

describe('formatLength', () => {
  it.each([
    [184, { unit: 'mm' }, '184 mm'],
    [183.5, { unit: 'mm' }, '184 mm'],
    [-2.5, { unit: 'mm' }, '-3 mm'],
    [-0.2, { unit: 'mm' }, '0 mm'],
    [184, { unit: 'cm' }, '18.4 cm'],
    [180, { unit: 'cm' }, '18 cm'],
    [184.15, { unit: 'in' }, '7 1/4"'],
    [6.35, { unit: 'in' }, '1/4"'],
    [203, { unit: 'in' }, '8"'],
    [1.5875, { unit: 'in' }, '1/8"'],
    [1.5875, { unit: 'in', fraction: 16 }, '1/16"'],
    [-184.15, { unit: 'in' }, '-7 1/4"'],
    [0, { unit: 'in' }, '0"'],
  ] as const)('writes %d as %o: %s', (mm, style, text) => {
    expect(formatLength(mm, style)).toBe(text)
  })

  it('refuses what is not a number', () => {
    expect(() => formatLength(Number.NaN, { unit: 'mm' })).toThrow(expect.objectContaining({ code: 'bad-length' }))
  })

  it('is read back within half a mark of the tape', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3000, noNaN: true }), fc.constantFrom(8, 16, 32), (mm, fraction) => {
        const back = parseLength(formatLength(mm, { unit: 'in', fraction: fraction as 8 }), 'mm')
        return Math.abs(back - mm) <= 25.4 / fraction / 2 + 1e-6
      }),
    )
  })
})
