import { CoreError } from '../errors'

const signs: readonly (readonly [RegExp, string])[] = [
  [/^(\u0089|\uFFFD)PNG/, 'a PNG picture'],
  [/^(\u00FF\u00D8|\uFFFD\uFFFD\uFFFD\uFFFD[\s\S]{0,12}(JFIF|Exif))/, 'a JPEG picture'],
  [/^GIF8/, 'a GIF picture'],
  [/^%PDF/, 'a PDF'],
  [/^PK\u0003\u0004/, 'a zip archive'],
]

/** A file under a false name is named for what it is. @throws CoreError('not-a-list') or CoreError('bad-svg') */
export function refuseOtherFiles(text: string, wanted: 'stitch list' | 'SVG drawing'): void {
  const code = wanted === 'stitch list' ? 'not-a-list' : 'bad-svg'
  const named = `${wanted === 'SVG drawing' ? 'an' : 'a'} ${wanted}`
  const sign = signs.find(([pattern]) => pattern.test(text.slice(0, 64)))
  if (sign) throw new CoreError(code, `This is ${sign[1]}, not ${named}.`, 'file')
  if (text.slice(0, 2000).includes('\u0000'))
    throw new CoreError(code, `This is not text, so it can’t be ${named}.`, 'file')
  if (text.trim() === '') throw new CoreError('empty', 'The file is empty.', 'file')
}
