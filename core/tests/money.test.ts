import fc from 'fast-check'
import { pieceCost, type CostQuery } from '../src'

const polo: CostQuery = {
  ...{ quantity: 12, blank: 650, threadMetres: 30, threadPer1000m: 120, bobbinMetres: 15, bobbinPer1000m: 80 },
  backing: [{ areaCm2: 400, pricePerM2: 250 }],
  ...{ needlePrice: 45, needleHours: 8, machineMinutes: 12, machinePerHour: 600 },
  ...{ handMinutes: 10, labourPerHour: 1500, spoilage: 0.02, setup: 2400 },
  pricing: { by: 'margin', percent: 40 },
  breaks: [
    { from: 6, percentOff: 2 },
    { from: 10, percentOff: 5 },
    { from: 50, percentOff: 12 },
  ],
}

it('works out a piece by its parts, as on paper', () => {
  // 650 + 3.6 + 1.2 + 10 + 1.125 + 120 + 250 = 1035.925; of it 2/98 is spoiled: 21.141; set-up 200: 1257.066 in all.
  const { parts, cost, price, total } = pieceCost(polo)
  // What is lost in rounding down is one penny, and the thread lost the most.
  expect(parts).toEqual({
    ...{
      blank: 650,
      thread: 4,
      bobbin: 1,
      backing: 10,
      needle: 1,
      machine: 120,
      labour: 250,
      spoilage: 21,
      setup: 200,
    },
  })
  // 1257 / 0.6 = 2095, less 5 % = 1990.25.
  expect([cost, price, total]).toEqual([1257, 1990, 23_880])
})

it('asks by mark-up, without a break below the first, and for a spoiled blank of the customer’s own', () => {
  const own = {
    ...polo,
    quantity: 1,
    setup: 0,
    blank: 0,
    customersBlank: 650,
    pricing: { by: 'mark-up', percent: 50 } as const,
  }
  const { parts, cost, price } = pieceCost(own)
  // (385.925 + 650) x 2/98 = 21.141; 407.066 in all.
  expect([parts.blank, parts.spoilage, cost, price]).toEqual([0, 21, 407, 611])
})

it('says what it cannot work with, and where', () => {
  const wrong: [Partial<CostQuery>, string][] = [
    [{ quantity: 0 }, 'quantity'],
    [{ quantity: 2.5 }, 'quantity'],
    [{ threadMetres: -1 }, 'threadMetres'],
    [{ backing: [{ areaCm2: NaN, pricePerM2: 1 }] }, 'backing.0.areaCm2'],
    [{ spoilage: 1 }, 'spoilage'],
    [{ needleHours: 0 }, 'needleHours'],
    [{ pricing: { by: 'margin', percent: 100 } }, 'pricing.percent'],
    [{ breaks: [{ from: 1, percentOff: 101 }] }, 'breaks.0.percentOff'],
  ]
  for (const [part, path] of wrong)
    expect(() => pieceCost({ ...polo, ...part })).toThrow(expect.objectContaining({ code: 'bad-cost', path }))
})

it('loses no penny: whatever goes in, the parts are whole and sum to the cost', () => {
  const amount = fc.double({ min: 0, max: 9999, noNaN: true })
  const some = fc.record({
    blank: amount,
    threadMetres: amount,
    machineMinutes: amount,
    handMinutes: amount,
    setup: amount,
  })
  fc.assert(
    fc.property(
      some,
      fc.integer({ min: 1, max: 500 }),
      fc.double({ min: 0, max: 0.9, noNaN: true }),
      (part, quantity, spoilage) => {
        const { parts, cost, price, total } = pieceCost({ ...polo, ...part, quantity, spoilage })
        const list = Object.values(parts)
        expect(list.every((one) => Number.isInteger(one) && one >= 0)).toBe(true)
        expect(list.reduce((sum, one) => sum + one, 0)).toBe(cost)
        expect(total).toBe(price * quantity)
      },
    ),
  )
})
