import { all, when } from '../condition'
import { dark } from '../conditions/cloth'
import { staysFor } from '../strength'
import type { Stacked } from './stackRule'

/** Under dark cloth what stays is dark, too (craft.md section 5). */
export const darkBacking = {
  id: 'back.dark' as const,
  when: all<Stacked>(
    dark,
    when('a backing that stays', ({ stack }) => stack.layers.some((layer) => staysFor(layer.kind))),
  ),
  decided: 'dark backing',
}
