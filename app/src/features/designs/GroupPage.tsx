import { designs as t } from '@thimble/language/en/designs'
import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import { type GroupLayout, SMALL_LETTER } from '@thimble/core/design'
import { formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import { groupRoles, readSigned } from '@thimble/plan'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { inDesignWorker } from '@/workers/designClient'
import { DesignBoard } from '@/shared/DesignBoard'
import { cardOf } from '@/shared/cardOf'
import { editsOf } from '@/shared/useOpened'
import { groundFor } from '@/drawing/clothInk'
import { FormChoices, FormLength } from '@/forms/FormField'
import { type DraftForm, useDraftForm } from '@/forms/useDraftForm'
import { createWithDesign } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { useShelvedDesigns } from '@/state/useShelfDocs'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { Disclosure } from '@/ui/Disclosure'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import { countWords } from '@/words/designWords'
import type { DesignWorker } from '@/workers/designWorker'
import { useWorkedOut } from './useWorkedOut'
import { nanoid } from 'nanoid'

const layouts: readonly { id: GroupLayout; name: string }[] = [
  { id: 'below', name: t('one-below-the-other') },
  { id: 'beside', name: t('side-by-side') },
  { id: 'around', name: t('second-one-on-both-sides') },
]
const NONE = 'none'
const MOST_PARTS = 4

type Move = { right: string; down: string }
type Texts = { parts: string[]; layout: GroupLayout; gap: string; moves: Move[] }
type Request = Parameters<DesignWorker['group']>[0]

const blank = (first: string | undefined, style: LengthStyle): Texts => ({
  parts: first ? [first] : [],
  layout: 'below',
  gap: formatLength(6, style),
  moves: Array.from({ length: MOST_PARTS }, () => ({ right: '', down: '' })),
})

const partOf = (d: DesignCard) => ({ id: d.id, edits: editsOf(d) })

/** The designs named, as many as the layout takes, with how far each is moved. */
function readGroup({ parts, layout, gap, moves }: Texts, drawn: readonly DesignCard[], unit: LengthUnit) {
  const named = parts.flatMap((id) => drawn.find((d) => d.id === id) ?? [])
  const used = layout === 'around' ? named.slice(0, 2) : named
  const read = (text: string) => readSigned({ text, unit })
  const apart = read(gap)
  const moved = used.map((_, i) => ({ right: read(moves[i]?.right ?? ''), down: read(moves[i]?.down ?? '') }))
  const shifts = moved.flatMap(({ right, down }) =>
    right.mm === null || down.mm === null ? [] : [{ x: right.mm, y: down.mm }],
  )
  const whole = apart.mm !== null && used.length > 1 && shifts.length === used.length
  const request: Request | null = whole ? { parts: used.map(partOf), layout, gap: apart.mm!, shifts } : null
  return { named, used, moved, request, gapProblem: apart.problem }
}

type Group = ReturnType<typeof readGroup>

/** Two designs or more as one: a name under a badge, two sprigs about a name. */
export function GroupPage() {
  const { with: first } = useLocalSearchParams<{ with?: string }>()
  const style = useDocuments((s) => s.shop)
  const { unit } = style
  const router = useRouter()
  const drawn = useShelvedDesigns().filter((d) => d.source !== 'size')
  const form = useDraftForm(`group.${first ?? 'new'}`, blank(first, style))
  const group = readGroup(useWatch({ control: form.control }) as Texts, drawn, unit)
  const { request, used } = group
  const { found, problem } = useWorkedOut(request, (q) => inDesignWorker((d) => d.group(q, null)))
  const { busy, problem: unkept, run } = useTask()
  const keep = (): void =>
    void run(async () => {
      if (!request) return
      const id = nanoid()
      await keepGroup(id, request, used)
      form.forget()
      router.replace(`/designs/${id}`)
    })
  const shown = used.length > 1 ? found : null
  const told = problem ?? unkept
  return (
    <Page
      title={t('group-designs')}
      back
      tape={!shown}
      foot={
        <Button
          title={t('save-as-one-design')}
          disabled={!found || !request || problem !== null || busy}
          onPress={keep}
        />
      }
    >
      {shown ? (
        <DesignBoard
          opened={shown}
          height={300}
          unit={unit}
          ground={groundFor(shown.design.colours)}
          label={t('the-group-to-scale')}
        />
      ) : null}
      <Section>
        {shown ? <Figures design={shown.design as DesignCard} /> : null}
        <Parts form={form} group={group} drawn={drawn} />
        <FormChoices control={form.control} name="layout" label={t('arrangement')} choices={layouts} />
        <FormLength
          control={form.control}
          name="gap"
          label={t('space-between')}
          unit={unit}
          problem={group.gapProblem}
        />
        {used.length > 1 ? <Moves form={form} group={group} /> : null}
        {told ? <FieldProblem id="group">{told}</FieldProblem> : null}
      </Section>
    </Page>
  )
}

async function keepGroup(id: string, request: Request, used: readonly DesignCard[]): Promise<void> {
  const { design, hulls } = await inDesignWorker((d) => d.group(request, id))
  // Two about one: the second stands on both sides of the first.
  const laid = request.layout === 'around' ? [used[1]!, used[0]!, used[1]!] : used
  const names = laid.map((d) => d.name)
  const letters = used.flatMap((d) => d.smallestLetterMm ?? [])
  createWithDesign(
    cardOf(id, {
      name: used
        .map((d) => d.name)
        .join(', ')
        .slice(0, 120),
      kind: used[0]!.kind,
      note: '',
      smallestLetterMm: letters.length > 0 ? Math.min(...letters) : null,
      smallLetterColours: smallIn(used),
      change: { scale: 1, rotate: 0, mirror: 'none' },
      order: null,
      roles: groupRoles(laid),
      parts: hulls.map((hull, i) => ({ name: names[i] ?? t('part', { i: i + 1 }), hull })),
      ...design,
    }),
  )
}

/** The colours of those parts whose letters are under 6 mm. */
const smallIn = (used: readonly DesignCard[]): string[] => [
  ...new Set(
    used
      .filter((d) => (d.smallestLetterMm ?? Infinity) < SMALL_LETTER)
      .flatMap((d) => (d.smallLetterColours.length > 0 ? d.smallLetterColours : d.colours)),
  ),
]

function Figures({ design }: { design: DesignCard }) {
  const style = useDocuments((s) => s.shop)
  return (
    <>
      <Text bold style={{ fontSize: 24, lineHeight: 30 }}>
        {`${formatLength(design.width, style)} × ${formatLength(design.height, style)}`}
      </Text>
      <Text soft>{countWords(design)}</Text>
    </>
  )
}

type PartProps = { form: DraftForm<Texts>; group: Group }

/** Which designs, one more than there are until there are four. */
function Parts({ form, group: { named }, drawn }: PartProps & { drawn: readonly DesignCard[] }) {
  const layout = useWatch({ control: form.control, name: 'layout' })
  const count = layout === 'around' ? 2 : Math.min(MOST_PARTS, Math.max(2, named.length + 1))
  const pick = (at: number, id: string): void => {
    const ids = named.map((d) => d.id)
    ids[at] = id
    form.setValue(
      'parts',
      ids.filter((part) => part !== NONE),
    )
  }
  return Array.from({ length: count }, (_, i) => (
    <Choices
      key={`${i}${named[i]?.id}`}
      long
      label={i === 0 ? t('first') : i === 1 ? t('second') : t('third')}
      choices={[...(i >= 2 ? [{ id: NONE, name: t('none') }] : []), ...drawn.map((d) => ({ id: d.id, name: d.name }))]}
      value={named[i]?.id ?? null}
      onChange={(id) => pick(i, id)}
    />
  ))
}

function Moves({ form, group: { used, moved, request } }: PartProps) {
  const { unit } = useDocuments((s) => s.shop)
  return (
    <Disclosure title={t('move-a-part')} open={request?.shifts.some(({ x, y }) => x !== 0 || y !== 0)}>
      <Text soft>{t('a-minus-moves-it-left')}</Text>
      {used.map((design, i) => (
        <View key={`${i}${design.id}`} style={{ gap: 6 }}>
          <Text>{design.name}</Text>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            {(['right', 'down'] as const).map((way) => (
              <FormLength
                half
                key={way}
                control={form.control}
                name={`moves.${i as 0}.${way}`}
                problem={moved[i]?.[way].problem}
                label={way === 'right' ? t('to-the-right') : t('down')}
                unit={unit}
              />
            ))}
          </View>
        </View>
      ))}
    </Disclosure>
  )
}
