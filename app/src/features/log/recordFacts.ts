import type { Piece } from '@thimble/contract'
import { minuteParts } from '@thimble/contract'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import { holdingNames } from '@thimble/core/recipe'
import { faultNames, howBadNames, verdictNames } from '@thimble/core/outcomes'
import { writeMessage } from '@thimble/language'
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
    ['How it came out', record.verdict && verdictNames[record.verdict]],
    ['Landing', landingText(record.landing, style)],
    [
      'What went wrong',
      record.faults.map((f) => `${faultNames[f.id]}, ${howBadNames[f.howBad]}`).join('; ') || 'nothing',
    ],
    ['Customer', piece.customer],
    ['Item', [row.item.name, row.size].filter(Boolean).join(', ')],
    ['Placement', row.placement.name],
    ['Marked', piece.measure.kept[0] && writeMessage(piece.measure.kept[0].placed, style)],
    ['Design', designText(piece, write)],
    ['Cloth', [clothName(record.basis.cloth.family).split(',')[0], row.swatch].filter(Boolean).join(', ')],
    ['Stretch', `${Math.round(record.basis.cloth.stretchPercent)} %`],
    ...layerFacts(piece, write),
    ...throughFacts(record),
    ...machineFacts(record),
    ['Minutes', minutesText(record)],
    ['Note', record.note],
    ['Next time', record.nextTime],
  ]
  return facts.map(([about, says]) => ({ about, says: says || '' }))
}

type Told = [about: string, says: string | null | undefined]
type KeptRecord = Piece['finish']['kept'][number]

function throughFacts({ stack, basis }: KeptRecord): Told[] {
  const thread = stack?.thread ?? basis.work.topThread
  return [
    ['Needle', stack && needleText(stack.needle)],
    ['Top thread', `${thread.weight} wt ${thread.fibre.replace('-', ' ')}`],
    ['Bobbin', stack && bobbinText(stack.bobbin)],
    ['Speed', stack?.speedSpm ? `${stack.speedSpm} stitches a minute` : null],
  ]
}

const machineFacts = ({ holding, hoop, machine, turn, dialled, tension, tries }: KeptRecord): Told[] => [
  ['Hooped, floated or clamped', holding && holdingNames[holding].toLowerCase()],
  ['Hoop', hoop?.name],
  ['Machine', machine?.name],
  ['Loaded', turn === null ? null : turn === 0 ? 'upright' : turnWords(turn)],
  ['Dialled in', dialsText(dialled)],
  ['Top tension', tension && tensions[tension]],
  ['Hooped', tries === null ? null : tries === 1 ? 'once' : `${tries} times`],
]

const tensions = { 'as-advised': 'as advised', eased: 'eased more', tightened: 'tightened' } as const

function layerFacts(piece: Piece, write: (mm: number) => string): [string, string][] {
  const { stack, basis } = piece.finish.kept[0]!
  const layers = (stack?.layers ?? []).filter(({ role }) => role !== 'cloth')
  const told = (role: string): string =>
    layers
      .filter((layer) => layer.role === role)
      .map((layer) => [layerLabel(layer, basis.cloth.family), layerDetail(layer, write)].filter(Boolean).join(', '))
      .join('; ')
  return [
    ['On top', told('topping')],
    ['Underneath', told('backing')],
    ['Over the back', told('cover')],
  ]
}

function designText({ measure }: Piece, write: (mm: number) => string): string {
  const design = measure.kept[0]?.design
  return design ? `${design.name ?? 'By its size'}, ${write(design.width)} × ${write(design.height)}` : ''
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
