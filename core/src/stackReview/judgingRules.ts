import type { Severity } from '../advice'
import { type Message, message, whyOf } from '../messages'
import { all, any, type Condition, not, when } from '../recipe/condition'
import {
  coated,
  delicate,
  fusible,
  knit,
  padded,
  paleThin,
  pile,
  heavy,
  springy,
  stretchesOver10,
  takesWater,
  textured,
  towelling,
} from '../recipe/conditions/cloth'
import { dense, lightWork, line, skin, takesCover } from '../recipe/conditions/work'
import type { Layer } from '../recipe/stack'
import { isSticky, staysFor, strengths } from '../recipe/strength'
import { holdingRules } from '../recipe/rules/holdingRules'
import { colourFilm, has, held, type Stacked, uses } from '../recipe/rules/stackRule'

/** What is wrong or right about a stack, whoever put it together; a fault may be one layer's own. */
type JudgingRule = {
  id: string
  verdict: 'fault' | 'merit'
  severity: Severity
  when: Condition<Stacked>
  says?: (f: Stacked) => Message
  /** The layers it is about. */
  about?: (layer: Layer, f: Stacked) => boolean
}

const backings = ({ stack }: Stacked): Layer[] => stack.layers.filter((l) => l.role === 'backing')
const sheets = (f: Stacked): number => backings(f).reduce((sum, l) => sum + l.sheets, 0)
const strength = (f: Stacked): number =>
  backings(f).reduce((sum, l) => sum + l.sheets * (strengths[l.kind as keyof typeof strengths] ?? 0), 0)
/** What lies on the cloth's back above the sticky sheet in the ring. */
function between(f: Stacked): Layer[] {
  const under = backings(f)
  const carrier = under.findIndex((l) => isSticky(l.kind))
  return carrier < 1 ? [] : under.slice(0, carrier)
}
const glued = ({ grip }: Layer): boolean => grip === 'fused' || grip === 'sprayed'

const stays = uses('a backing that stays', staysFor)
const washAway = uses('wash-away', (kind) => kind === 'wash-away' || kind === 'wash-away-sticky')
const backed = has('backing', 'a backing')
/** Carries stitches by itself; padding does not carry a dense design. */
const clothAlone = any(heavy, all(padded, not(dense)))
const tears = uses('tear-away', (kind) => kind.startsWith('tear-away') || kind.startsWith('part-soluble'))
/** Light work on pile with a firm ground, a sheet slid under. */
const pileCarries = all<Stacked>(pile, not(knit), lightWork, held('backing-under'))
const fused = when<Stacked>('something is fused', ({ stack }) =>
  stack.layers.some((l) => l.role !== 'cover' && l.grip === 'fused'),
)
const givesWay = any(springy, stretchesOver10, knit)

const fault = (rule: Omit<JudgingRule, 'verdict'>): JudgingRule => ({ ...rule, verdict: 'fault' })
const merit = (rule: Omit<JudgingRule, 'verdict' | 'severity'>): JudgingRule => ({
  ...rule,
  verdict: 'merit',
  severity: 'note',
})

/** Faults first, the worst before the lesser (craft.md sections 3, 5 and 9); then what is good about it. */
export const judgingRules: readonly JudgingRule[] = [
  fault({
    id: 'judge.dense-stretch',
    severity: 'stop',
    when: all<Stacked>(dense, givesWay, not(towelling), not(stays)),
  }),
  fault({
    id: 'judge.fuse-no-heat',
    severity: 'stop',
    when: all<Stacked>(fused, not(fusible)),
    says: (f) => message('judge.fuse-no-heat', { cloth: f.name }),
    about: (layer) => layer.grip === 'fused',
  }),
  fault({
    id: 'judge.heat-film',
    severity: 'stop',
    when: all<Stacked>(
      uses('heat-away film', (kind) => kind === 'heat-away-film'),
      when('it takes no iron', (f) => !f.takesHeat),
    ),
    says: (f) => message('judge.heat-film', { cloth: f.name }),
    about: (layer) => layer.kind === 'heat-away-film',
  }),
  fault({
    id: 'judge.nothing-in-ring',
    severity: 'stop',
    when: all<Stacked>(
      held('floated'),
      when('no backing in the hoop', (f) => !backings(f).some((l) => l.grip === 'in-ring')),
    ),
  }),
  // What speaks against holding it so, in the words in which that is advised against.
  ...holdingRules.flatMap((rule) =>
    'against' in rule
      ? [
          fault({
            ...{ id: rule.id, severity: 'caution', says: (f) => whyOf(rule, f) },
            when: all<Stacked>(held(rule.method), rule.when),
            about: (layer) => layer.role === 'cloth',
          }),
        ]
      : [],
  ),
  fault({
    id: 'judge.no-backing',
    severity: 'caution',
    when: all<Stacked>(not(backed), not(held('floated')), not(clothAlone), lightWork),
  }),
  fault({
    id: 'judge.no-backing-heavy',
    severity: 'stop',
    when: all<Stacked>(not(backed), not(held('floated')), not(clothAlone), not(lightWork)),
  }),
  fault({
    id: 'judge.dense-one',
    severity: 'caution',
    when: all<Stacked>(
      dense,
      backed,
      not(all<Stacked>(heavy, stays)),
      when('one sheet', (f) => sheets(f) < 2),
    ),
    about: (layer) => layer.role === 'backing',
  }),
  fault({
    id: 'judge.too-light',
    severity: 'caution',
    when: all<Stacked>(
      not(lightWork),
      not(dense),
      backed,
      when('less than one medium layer or two light', (f) => strength(f) < 2),
    ),
    about: (layer) => layer.role === 'backing',
  }),
  fault({
    id: 'judge.knit-tears',
    severity: 'caution',
    when: all<Stacked>(springy, tears, not(dense), not(stays), not(washAway), not(pileCarries)),
    says: (f) => message('judge.knit-tears', { percent: f.stretch }),
    about: (layer) => layer.role === 'backing',
  }),
  fault({
    id: 'judge.dissolves-heavy',
    severity: 'caution',
    when: all<Stacked>(
      washAway,
      not(stays),
      not(lightWork),
      when('not a sheer', (f) => !f.sheer),
    ),
    about: (layer) => layer.kind.startsWith('wash-away') && layer.role === 'backing',
  }),
  fault({
    id: 'judge.between-loose',
    severity: 'caution',
    when: when('a layer between cloth and sticky that is not fused or sprayed', (f) => !between(f).every(glued)),
    about: (layer, f) => between(f).some((l) => l === layer) && !glued(layer),
  }),
  fault({
    id: 'judge.sticky-skin',
    severity: 'caution',
    when: all<Stacked>(
      skin,
      uses('sticky tear-away', (kind) => kind === 'tear-away-sticky'),
      not(stays),
    ),
    about: (layer) => layer.kind === 'tear-away-sticky',
  }),
  fault({
    id: 'judge.patch-shows',
    severity: 'caution',
    when: all<Stacked>(
      paleThin,
      uses('a firm cut-away', (kind) => kind === 'cut-away-medium' || kind === 'cut-away-heavy'),
    ),
    about: (layer) => layer.kind === 'cut-away-medium' || layer.kind === 'cut-away-heavy',
  }),
  fault({
    id: 'judge.no-topping',
    severity: 'caution',
    when: all<Stacked>(textured, not(has('topping', 'a topping'))),
  }),
  fault({
    id: 'judge.line-film',
    severity: 'caution',
    when: all<Stacked>(
      line,
      uses('permanent film', (kind) => kind === 'permanent-film'),
    ),
    about: (layer) => layer.kind === 'permanent-film',
  }),
  fault({
    id: 'judge.water',
    severity: 'caution',
    when: all<Stacked>(
      not(takesWater),
      uses('a backing that is rinsed out', (kind) => /^(part-soluble|wash-away)(?!-film)/.test(kind)),
    ),
    says: (f) => message('judge.water', { cloth: f.name }),
    about: (layer) => /^(part-soluble|wash-away)(?!-film)/.test(layer.kind),
  }),
  fault({
    id: 'judge.stiff',
    severity: 'note',
    when: all<Stacked>(
      any(delicate, paleThin),
      when('five light layers or more', (f) => strength(f) >= 5),
    ),
    about: (layer) => layer.role === 'backing',
  }),
  fault({
    id: 'judge.no-cover',
    severity: 'note',
    when: all<Stacked>(skin, takesCover, not(colourFilm), not(has('cover', 'a cover'))),
  }),
  merit({
    id: 'merit.stays',
    when: all<Stacked>(springy, stays),
  }),
  merit({
    id: 'merit.mesh-pale',
    when: all<Stacked>(
      paleThin,
      uses('mesh', (kind) => kind.startsWith('cut-away-mesh')),
    ),
  }),
  merit({
    id: 'merit.fused',
    when: all<Stacked>(fused, fusible),
  }),
  merit({
    id: 'merit.leaves-clean',
    when: all<Stacked>(backed, not(springy), not(stays)),
  }),
  merit({
    id: 'merit.topping',
    when: all<Stacked>(textured, has('topping', 'a topping')),
  }),
  merit({
    id: 'merit.carries',
    when: all<Stacked>(
      not(coated),
      when(
        'as many layers as the load asks',
        (f) => sheets(f) >= (f.dense ? 2 : 1) && strength(f) >= (f.lightWork ? 1 : 2),
      ),
    ),
    says: (f) => message('merit.carries', { sheets: sheets(f) }),
  }),
]
