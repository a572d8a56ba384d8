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
    '5 hoops: 1 overwritten, 1 of them newer here; 4 same as here.',
    '12 threads, all same as here.',
    '1 item, same as here.',
    '5 pieces: 3 new; 2 overwritten.',
    '2 designs not in the file: removed here.',
  ])
  expect(effectLines({ hoops: none })).toEqual(['The file is empty.'])
})
