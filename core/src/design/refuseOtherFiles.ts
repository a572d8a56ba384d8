import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'

const signs: readonly (readonly [RegExp, Message])[] = [
  [/^(\u0089|\uFFFD)PNG/, message('problem.a-png-picture')],
  [/^(\u00FF\u00D8|\uFFFD\uFFFD\uFFFD\uFFFD[\s\S]{0,12}(JFIF|Exif))/, message('problem.a-jpeg-picture')],
  [/^GIF8/, message('problem.a-gif-picture')],
  [/^%PDF/, message('problem.a-pdf')],
  [/^PK\u0003\u0004/, message('problem.a-zip-archive')],
]

/** A file under a false name is named for what it is. @throws CoreError('not-a-list') or CoreError('bad-svg') */
export function refuseOtherFiles(text: string, wanted: 'stitch list' | 'SVG drawing'): void {
  const code = wanted === 'stitch list' ? 'not-a-list' : 'bad-svg'
  const named = message(wanted === 'SVG drawing' ? 'problem.an-svg-drawing' : 'problem.a-stitch-list')
  const sign = signs.find(([pattern]) => pattern.test(text.slice(0, 64)))
  if (sign) throw new CoreError(code, message('problem.this-is-not', { sign: sign[1], named }), 'file')
  if (text.slice(0, 2000).includes('\u0000'))
    throw new CoreError(code, message('problem.this-is-not-text-so', { named }), 'file')
  if (text.trim() === '') throw new CoreError('empty', message('problem.the-file-is-empty'), 'file')
}
