import { effectLines } from '@/features/settings/effectWords'

it('says of each list of a file what would become of it, and of none that is empty', () => {
  const none = { added: 0, changed: 0, older: 0, same: 0, removed: 0 }
  expect(
    effectLines({
      hoops: { ...none, changed: 1, older: 1, same: 4 },
      threads: { ...none, same: 12 },
      items: { ...none, same: 1 },
      pieces: { ...none, added: 3, changed: 2 },
      designs: { ...none, removed: 2 },
      photos: none,
    }),
  ).toEqual([
    '5 hoops: 1 written over, 1 of them newer here; 4 as here already.',
    '12 threads, all as here already.',
    '1 item, as here already.',
    '5 pieces: 3 new; 2 written over.',
    '2 designs not in it: removed here.',
  ])
  expect(effectLines({ hoops: none })).toEqual(['There is nothing in it.'])
})
