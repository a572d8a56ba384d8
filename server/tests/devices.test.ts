import { CameraLook } from '@thimble/contract/devices'
import { rigidFit } from '@thimble/core/plane'
import { readCamera } from '@thimble/plan/readCamera'
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
