import { log as t } from '@thimble/language/en/log'
import type { Piece } from '@thimble/contract'
import { minuteParts } from '@thimble/contract'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import { faultNames, holdingNames, howBadNames, verdictNames, writeMessage } from '@thimble/language'
import { logRowOf } from '@thimble/plan'
import { clothName } from '@/words/clothWords'
import { dialsText } from '@/words/dialsText'
import { landingText } from '@/words/landingWords'
import { minutePartNames } from '@/words/recordWords'
import { bobbinText, layerDetail, layerLabel, needleText } from '@/words/stackWords'
import { turnWords } from '@/words/turnWords'

/** What a record says of one thing; empty where nothing was noted. */
type Fact = { about: string; says: string }

/** All that a record says, thing by thing, by what was kept of the piece and nothing else. */
export function recordFacts(piece: Piece, style: LengthStyle): Fact[] {
  const row = logRowOf(piece)
  const record = piece.finish.kept[0]
  if (!row || !record) return []
  const write = (mm: number): string => formatLength(mm, style)
  const facts: Told[] = [
    [t('how-it-came-out'), record.verdict && verdictNames[record.verdict]],
    [t('landing'), landingText(record.landing, style)],
    [
      t('what-went-wrong'),
      record.faults.map((f) => `${faultNames[f.id]}, ${howBadNames[f.howBad]}`).join('; ') || t('nothing'),
    ],
    [t('customer'), piece.customer],
    [t('item'), [row.item.name, row.size].filter(Boolean).join(', ')],
    [t('placement'), row.placement.name],
    [t('marked'), piece.measure.kept[0] && writeMessage(piece.measure.kept[0].placed, style)],
    [t('design'), designText(piece, write)],
    [t('cloth'), [clothName(record.basis.cloth.family).split(',')[0], row.swatch].filter(Boolean).join(', ')],
    [t('stretch'), `${Math.round(record.basis.cloth.stretchPercent)} %`],
    ...layerFacts(piece, write),
    ...throughFacts(record),
    ...machineFacts(record),
    [t('minutes'), minutesText(record)],
    [t('note'), record.note],
    [t('next-time'), record.nextTime],
  ]
  return facts.map(([about, says]) => ({ about, says: says || '' }))
}

type Told = [about: string, says: string | null | undefined]
type KeptRecord = Piece['finish']['kept'][number]

function throughFacts({ stack, basis }: KeptRecord): Told[] {
  const thread = stack?.thread ?? basis.work.topThread
  return [
    [t('needle'), stack && needleText(stack.needle)],
    [t('top-thread'), t('wt', { weight: thread.weight, replace: thread.fibre.replace('-', ' ') })],
    [t('bobbin'), stack && bobbinText(stack.bobbin)],
    [t('speed'), stack?.speedSpm ? t('stitches-a-minute', { speedSpm: stack.speedSpm }) : null],
  ]
}

const machineFacts = ({ holding, hoop, machine, turn, dialled, tension, tries }: KeptRecord): Told[] => [
  [t('hooped-floated-or-clamped'), holding && holdingNames[holding].toLowerCase()],
  [t('hoop'), hoop?.name],
  [t('machine'), machine?.name],
  [t('loaded'), turn === null ? null : turn === 0 ? t('upright') : turnWords(turn)],
  [t('dialled-in'), dialsText(dialled)],
  [t('top-tension'), tension && tensions[tension]],
  [t('hooped'), tries === null ? null : tries === 1 ? t('once') : t('times', { tries })],
]

const tensions = { 'as-advised': t('as-advised'), eased: t('eased-more'), tightened: t('tightened') }

function layerFacts(piece: Piece, write: (mm: number) => string): [string, string][] {
  const { stack, basis } = piece.finish.kept[0]!
  const layers = (stack?.layers ?? []).filter(({ role }) => role !== 'cloth')
  const told = (role: string): string =>
    layers
      .filter((layer) => layer.role === role)
      .map((layer) => [layerLabel(layer, basis.cloth.family), layerDetail(layer, write)].filter(Boolean).join(', '))
      .join('; ')
  return [
    [t('on-top'), told('topping')],
    [t('underneath'), told('backing')],
    [t('over-the-back'), told('cover')],
  ]
}

function designText({ measure }: Piece, write: (mm: number) => string): string {
  const design = measure.kept[0]?.design
  return design ? `${design.name ?? t('by-its-size')}, ${write(design.width)} × ${write(design.height)}` : ''
}

function minutesText({ minutes, minutesBy }: KeptRecord): string {
  if (minutes === null) return ''
  const parts = minuteParts.flatMap((part) =>
    minutesBy[part] === undefined ? [] : [`${minutesBy[part]} ${minutePartNames[part].toLowerCase()}`],
  )
  return `${minutes}${parts.length > 0 ? `: ${parts.join(', ')}` : ''}`
}

type Pair = { about: string; a: string; b: string }

/** Two records thing by thing: what differs, then what is alike; what neither says is left out. */
export function comparedFacts(a: readonly Fact[], b: readonly Fact[]): { differs: Pair[]; alike: Pair[] } {
  const abouts = [...new Set([...a, ...b].map(({ about }) => about))]
  const said = (facts: readonly Fact[], about: string): string => facts.find((f) => f.about === about)?.says ?? ''
  const pairs = abouts
    .map((about) => ({ about, a: said(a, about), b: said(b, about) }))
    .filter((pair) => pair.a !== '' || pair.b !== '')
  return { differs: pairs.filter((pair) => pair.a !== pair.b), alike: pairs.filter((pair) => pair.a === pair.b) }
}
