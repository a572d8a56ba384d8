import { message } from '../messages/message'
import { CoreError } from '../errors'
import { parse } from './opentype'

export type Typeface = ReturnType<typeof parse>

/** @throws CoreError('bad-font') when the file is no typeface that can be read */
export function readTypeface(file: ArrayBuffer): Typeface {
  try {
    return parse(file)
  } catch {
    throw new CoreError('bad-font', message('problem.this-typeface-cannot-be-read'), 'font')
  }
}
