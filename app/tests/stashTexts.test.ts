import { Hoop, Machine } from '@thimble/contract'
import { hoopFieldOf, readHoop, writeHoop } from '@/features/stash/hoopTexts'
import { machineFieldOf, readMachine, writeMachine } from '@/features/stash/machineTexts'
import { turnWords } from '@/words/turnWords'

const at = '2026-11-23T08:00:00.000Z'
const kept = { createdAt: at, updatedAt: at }
const mm = { unit: 'mm' } as const
const empty = writeHoop(undefined, mm)

describe('a hoop as it is typed', () => {
  it('comes back as it was kept: shape, the way it closes, where its notches cross', () => {
    const outside = { width: 134, height: 150 }
    const hoops = [
      { field: { shape: 'rect', width: 100, height: 100, cornerRadius: 4 }, notchOffset: { x: -2.5, y: 10 } },
      { field: { shape: 'oval', width: 120, height: 90 }, clamp: true, closes: 'screw', maxThicknessMm: 6.5 },
      {
        field: {
          shape: 'polygon',
          points: [
            { x: -60, y: -40 },
            { x: 60.5, y: -40 },
            { x: 0, y: 45 },
          ],
        },
        closes: 'frame',
        machines: ['m'],
      },
    ].map((over) => Hoop.parse({ id: 'h', name: 'Odd one', outside, ...kept, ...over }))
    for (const hoop of hoops) {
      const { doc, unread } = readHoop(writeHoop(hoop, mm), 'mm')
      expect(unread).toEqual({})
      expect(Hoop.parse({ id: 'h', ...kept, ...doc })).toEqual(hoop)
    }
  })

  it('is read in inches, and by minus signs of either kind', () => {
    const typed = {
      ...empty,
      name: 'x',
      fieldW: '4',
      fieldH: '4',
      outW: '5 1/4',
      outH: '6',
      notchX: '−1/8',
      notchY: '-1',
    }
    const { doc } = readHoop(typed, 'in')
    expect(doc.outside).toEqual({ width: expect.closeTo(133.35, 9), height: expect.closeTo(152.4, 9) })
    expect(doc.notchOffset).toEqual({ x: -3.175, y: -25.4 })
  })

  it('says of a corner that cannot be read which it is, and of a size that is missing what to do', () => {
    const typed = { ...empty, shape: 'polygon' as const, corners: '-60, -40\n60; x\n0, 45', outW: '130' }
    expect(readHoop(typed, 'mm').unread).toEqual({
      corners: 'Corner 2, “60; x”, isn’t two lengths. Write it as −60, −40.',
      outH: 'Type the measured size.',
    })
    expect(['field.height', 'field.points.1.x', 'field.cornerRadius', 'name'].map(hoopFieldOf)).toEqual([
      'fieldH',
      'corners',
      'corner',
      'name',
    ])
  })
})

describe('a machine as it is typed', () => {
  it('comes back as it was kept, and has what many have where nothing was typed', () => {
    const own = {
      ...{ bed: 'free-arm', turns: 'quarter', onBench: false, needles: 6, changeSeconds: 12.5 },
      ...{ usualSpm: 700, mostSpm: 1000, angleStep: 0.1, moveStep: 2.5, throatDepth: 205, throatHeight: 110 },
    }
    const machine = Machine.parse({ id: 'm', name: 'Loft', field: { width: 160, height: 260 }, ...kept, ...own })
    const back = readMachine(writeMachine(machine, mm), 'mm')
    expect(back.unread).toEqual({})
    expect(Machine.parse({ id: 'm', ...kept, ...back.doc })).toEqual(machine)
    const bare = readMachine({ ...writeMachine(undefined, mm), name: 'Loft', fieldW: '160', fieldH: '260' }, 'mm')
    expect(Machine.parse({ id: 'm', ...kept, ...bare.doc })).toMatchObject({
      needles: 1,
      moveStep: 0.5,
      throatDepth: 180,
    })
  })

  it('tells beside each box what is wrong with it', () => {
    const { unread } = readMachine({ ...writeMachine(undefined, mm), fieldW: 'wide', needles: 'six' }, 'mm')
    expect(Object.keys(unread).sort()).toEqual(['fieldH', 'fieldW', 'needles'])
    expect(['field.width', 'changeSeconds', 'throatHeight', 'name'].map(machineFieldOf)).toEqual([
      'fieldW',
      'change',
      'height',
      'name',
    ])
  })
})

it('tells a turn by the shorter way round', () => {
  expect([90, 270, 180, -180, -3.004, 359.5].map(turnWords)).toEqual([
    '90° clockwise',
    '90° anticlockwise',
    '180°',
    '180°',
    '3° anticlockwise',
    '0.5° anticlockwise',
  ])
})
