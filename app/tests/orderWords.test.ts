import { DesignCard, Order } from '@thimble/contract'
import { lineLacks, placesText, sizesText } from '@/features/orders/order/orderWords'
import { nameDesignId, readSetting } from '@/features/orders/order/nameSettings'
import { leftOver } from '@/features/orders/order/useTable'
import { tables } from '@/shared/table'
import { moneyText } from '@/words/priceWords'
import { byHandText, changeText, clockText, minutesText, partsText, savingText } from '@/words/workWords'

const at = '2026-11-23T08:00:00.000Z'
const times = { createdAt: at, updatedAt: at }
const typed = (text: string) => ({ text, unit: 'mm' as const })
const setting = { face: 'plain', by: 'height', size: typed('12'), most: typed(''), spacing: typed('') } as const
const names = { ...setting, colour: '#1f2d38', long: 'as-set' } as const

describe('a pasted list', () => {
  it.each([
    ['semicolons', 'size;name\nM;Wren'],
    ['commas', 'size,name\r\nM,Wren'],
    ['tabs and a mark before them', '\uFEFFsize\tname\rM\tWren'],
  ])('is split at %s', (_, text) => {
    expect(tables.splitTable(text).map(({ line, cells }) => [line, cells])).toEqual([
      [1, ['size', 'name']],
      [2, ['M', 'Wren']],
    ])
  })

  it('counts lines as they stand, blank ones and those within quotes among them', () => {
    const text = 'M;Wren;;"late,\nby hand"\n\nL;"Ives; first mate"'
    expect(tables.splitTable(text).map(({ line, cells }) => [line, cells.at(-1)])).toEqual([
      [1, 'late,\nby hand'],
      [3, ''],
      [4, 'Ives; first mate'],
    ])
  })

  it('leaves its bad lines as they were written, under the line that names the columns', () => {
    const lines = tables.splitTable('name;size\nWren;M\n"Tolly; mate";XXXXL\nNell;')
    expect(leftOver(lines, [3, 4])).toBe('name;size\n"Tolly; mate";XXXXL\nNell;')
    expect(leftOver(lines, [])).toBe('')
    expect(leftOver(tables.splitTable('XXXXL;Tolly\nM;Nell'), [1])).toBe('XXXXL;Tolly')
  })
})

describe('names of a line', () => {
  it('are set as it is typed, and say what cannot be read', () => {
    expect(readSetting(names).request).toEqual({ by: 'height', size: 12, most: null, spacing: 0, long: 'as-set' })
    const wrong = readSetting({ ...names, size: typed('twelve'), most: typed('80') })
    expect([wrong.request, Boolean(wrong.problems.size), wrong.problems.most]).toEqual([null, true, null])
  })

  it('set alike are one design, and set otherwise another', () => {
    const name = { name: 'Wren', letterHeight: 12, spacing: 0, width: 30, long: false, tooLong: false, problem: null }
    const id = nameDesignId(name, names)
    expect(id).toMatch(/^name-[0-9a-f]{32}$/)
    expect(nameDesignId({ ...name, letterHeight: 12.001 }, names)).toBe(id)
    const others = [
      nameDesignId({ ...name, name: 'wren' }, names),
      nameDesignId({ ...name, letterHeight: 11 }, names),
      nameDesignId(name, { ...names, colour: '#ffffff' }),
      nameDesignId(name, { ...names, face: 'serif' }),
    ]
    expect(new Set([id, ...others]).size).toBe(5)
  })
})

describe('a line of an order', () => {
  const tern = DesignCard.parse({
    ...{ id: 'tern', ...times, name: 'Tern over waves', width: 84, height: 62, stitches: 2860 },
    ...{ colours: ['#fdfbf5'], kind: 'fill' },
  })
  const line = (over: object = {}) =>
    Order.parse({
      ...{ id: 'o', ...times, name: 'Crew polos' },
      lines: { l: { item: { kind: 'polo' }, cloth: { family: 'pique' }, ...over } },
    }).lines.l!

  it('says how many of which size, and what goes where', () => {
    const places = {
      chest: { placement: 'left-chest', designId: 'tern' },
      name: { order: 1, placement: 'right-chest', names },
    }
    const said = line({
      places,
      counts: { m: '2' },
      names: { a: { size: 's', name: 'Wren' }, b: { size: 'm', name: 'Ada' } },
    })
    expect(sizesText(said)).toBe('1 S, 3 M')
    expect(placesText(said, { tern })).toMatch(/: Tern over waves; .*: personal name$/)
    expect(lineLacks(said)).toBe('2 pieces of it have no name to stitch.')
  })

  it('says what has to be given before pieces are made of it', () => {
    const counts = { m: '2' }
    expect(lineLacks(line())).toMatch(/sizes and numbers/)
    expect(lineLacks(line({ counts: { m: 'some' } }))).toMatch(/sizes and numbers/)
    expect(lineLacks(line({ counts }))).toMatch(/placement/)
    expect(lineLacks(line({ counts, places: { chest: { placement: 'left-chest' } } }))).toMatch(/design/)
    expect(lineLacks(line({ counts, places: { chest: { placement: 'left-chest', designId: 'tern' } } }))).toBeNull()
  })
})

describe('what is said of a run', () => {
  const order = {
    ...{ machine: 'Loft machine', steps: [], minutes: 0, leastSeconds: 600, optimal: true, bestSeconds: null },
    ...{ seconds: 600, typedSeconds: 900, by: { stitching: 88, hooping: 60, finishing: 0.5 } },
    thread: { threads: [], bobbinMetres: 0, fresh: 0 },
  }

  it('tells hours without minutes of nothing, and the clock by the minute of the day', () => {
    expect([0.5, 1, 59.6, 60, 88, 120].map(minutesText)).toEqual([
      'half a min',
      '1 min',
      '1 h',
      '1 h',
      '1 h 28 min',
      '2 h',
    ])
    expect([545, 900, 899.2].map(clockText)).toEqual(['9:05', '15:00', '15:00'])
    expect(partsText(order)).toBe('1 h 28 min sewing, 1 h hooping, half a min finishing, 10 min changing.')
  })

  it('tells what an order saves, and what a hand’s order costs beside it', () => {
    expect(savingText(order)).toBe('5 min less changing than as entered; the fewest possible.')
    expect(byHandText({ ...order, seconds: 780, bestSeconds: 600 })).toMatch(/3 min more changing/)
    expect(byHandText({ ...order, seconds: 420, bestSeconds: 600 })).toMatch(/3 min less .* where less is late/)
    expect(byHandText({ ...order, seconds: 630, bestSeconds: 600 })).toMatch(/about as much/)
  })

  it('names what is changed, and that no hoop is there for it', () => {
    const change = { hoop: 'Square 100', hoopless: false, needle: null, threads: ['Navy', 'White'], seconds: 270 }
    expect(changeText(change, true)).toBe('Set up: Square 100; thread Navy, White')
    expect(changeText({ ...change, hoop: null, hoopless: true, threads: [] }, false)).toMatch(
      /^Change: a hoop, and none here fits/,
    )
  })

  it('writes money as its currency does', () => {
    expect([moneyText(123450, 'GBP'), moneyText(5, 'GBP'), moneyText(1500, 'JPY')]).toEqual([
      '£1,234.50',
      '£0.05',
      '¥1,500',
    ])
  })
})
