import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { CameraLook, TraceAnswer } from '@thimble/contract/devices'
import { rigidFit } from '@thimble/core/plane'
import { readCamera } from '@thimble/plan/readCamera'
import { openDatabase, ShopStore, site } from '../src'
import { lookAtHoop } from '../src/devices/camera'

const marks = [
  { id: 'cross', expected: { x: 0, y: 0 } },
  { id: 'dot-left', expected: { x: -52, y: 0 } },
  { id: 'dot-right', expected: { x: 52, y: 0 } },
  { id: 'dot-down', expected: { x: 0, y: 41 } },
]
const ask = { piece: 'p', hooping: 0, outside: { width: 134, height: 150 }, notchOffset: null, cloth: '#27406b', marks }
const ring = {
  id: 'h',
  name: 'Square',
  outside: ask.outside,
  notchOffset: null,
  field: { shape: 'rect' as const, width: 100, height: 100, cornerRadius: 4 },
}

/** How the piece was hooped that time, as its marks say. */
function found(look: CameraLook) {
  const { landed } = readCamera(look, ring, { unit: 'mm' })!
  const pairs = marks.flatMap(({ id, expected }) => {
    const at = landed[id]
    return at
      ? [{ from: expected, to: { x: Number(at.right.replace('−', '-')), y: Number(at.down.replace('−', '-')) } }]
      : []
  })
  return rigidFit(pairs)
}

describe('the camera stand-in', () => {
  it('answers the same for the same seed and look, with other noise at the next look at the same hooping', () => {
    const [once, again, next] = [0, 0, 1].map((look) => lookAtHoop(ask, { seed: 's', look }))
    expect(again).toEqual(once)
    expect(next).not.toEqual(once)
    expect(CameraLook.parse(once)).toEqual(once)
  })

  it('lets how it was hooped be found through its slant and noise, and another time another way', () => {
    const turns = Array.from({ length: 30 }, (_, hooping) => {
      const looks = [0, 1, 2]
        .map((look) => lookAtHoop({ ...ask, hooping }, { seed: 's', look }))
        .filter((look) => look.marks.length >= 3)
      const fits = looks.map(found).filter((fit) => fit.rms < 1.5)
      const rotations = fits.map((fit) => fit.pose.rotation)
      // Of one hooping every good look finds the same turn, to a degree.
      expect(Math.max(...rotations) - Math.min(...rotations)).toBeLessThan(1.5)
      return rotations[0]!
    })
    expect(Math.max(...turns) - Math.min(...turns)).toBeGreaterThan(3)
    expect(Math.max(...turns.map(Math.abs))).toBeLessThan(12)
  })

  it('misses a mark now and then, and takes something else for one', () => {
    const looks = Array.from({ length: 200 }, (_, look) => lookAtHoop(ask, { seed: 's', look }))
    expect(looks.some((look) => look.missed.length > 0)).toBe(true)
    expect(looks.some((look) => look.marks.length === 4 && found(look).rms > 4)).toBe(true)
  })
})

describe('the stand-ins over the wire', () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-devices-'))
  const opened = openDatabase(folder, path.join(__dirname, '../drizzle'))
  afterAll(async () => (await opened).close())
  /** A server that was just started. */
  const started = async () => {
    const app = site(new ShopStore(await opened, () => '2026-11-20T08:00:00.000Z'), folder)
    return async (where: string, body: object) => {
      const headers = { host: '127.0.0.1:4820', 'content-type': 'application/json' }
      const answer = await app.request(`/api/v1/devices/${where}`, {
        method: 'POST',
        headers,
        body: JSON.stringify(body),
      })
      return { status: answer.status, body: (await answer.json()) as any }
    }
  }

  it('look again at the same hooping with other noise, and from the start after a restart', async () => {
    const [one, other] = [await started(), await started()]
    const first = await one('camera/look', ask)
    const second = await one('camera/look', ask)
    expect([first.status, CameraLook.parse(first.body)]).toEqual([200, first.body])
    expect(second.body).not.toEqual(first.body)
    expect(await other('camera/look', { ...ask, piece: 'q' })).not.toEqual(first)
    expect(await other('camera/look', ask)).toEqual(first)
    expect(await other('camera/look', ask)).toEqual(second)
  })

  it('say what is wrong with what they are shown', async () => {
    const at = await started()
    const far = { ...ask, marks: [{ id: 'cross', expected: { x: 'left', y: 0 } }] }
    for (const [where, body, path] of [
      ['camera/look', { ...ask, marks: [] }, 'marks'],
      ['camera/look', far, 'marks.0.expected.x'],
      ['camera/look', { ...ask, hooping: -1 }, 'hooping'],
      ['machine/trace', { hull: [], pose: { x: 0, y: 0, rotation: 0 }, field: ring.field, way: 'box' }, 'hull'],
      [
        'machine/trace',
        { hull: [{ x: 0, y: 0 }], pose: { x: 0, y: 0, rotation: 0 }, field: ring.field, way: 'up' },
        'way',
      ],
    ] as const) {
      const { status, body: said } = await at(where, body)
      expect([where, status, said.errors.map((e: { path: string }) => e.path)]).toEqual([where, 422, [path]])
    }
  })

  it('walk round the design, and tell the nearest they came to the field’s edge', async () => {
    const hull = [
      { x: -30, y: -20 },
      { x: 30, y: -20 },
      { x: 30, y: 20 },
      { x: -30, y: 20 },
    ]
    const field = { ...ring.field, cornerRadius: 0 }
    const { body } = await (await started())('machine/trace', {
      hull,
      pose: { x: -15, y: 4, rotation: 0 },
      field,
      way: 'box',
    })
    // Its left edge stands at -45 of -50.
    expect(TraceAnswer.parse(body).field).toMatchObject({ mm: expect.closeTo(5, 6), at: { x: -45 } })
    expect(body.path).toHaveLength(4)
  })
})
