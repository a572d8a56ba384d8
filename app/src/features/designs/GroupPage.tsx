import { Button } from '@rneui/themed'
import type { Design } from '@thimble/contract'
import type { GroupLayout } from '@thimble/core/design/edit/groupDesigns'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { useLocalSearchParams, useRouter } from 'expo-router'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { atDesk } from '@/drawings/desk'
import { DesignBoard } from '@/drawings/DesignBoard'
import { designOf } from '@/drawings/useIntake'
import { editsOf } from '@/drawings/useOpened'
import { groundFor } from '@/drawing/clothInk'
import { readSigned } from '@/plan/readTyped'
import { createDrawn, useShelf } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { Opener } from '@/ui/Opener'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Words } from '@/ui/Words'
import type { DesignDesk, OpenedDesign } from '@/workers/designWorker'
import { DraftLength } from '../stash/DraftLength'
import { useDraft } from '../stash/useDraft'
import { useNamed } from '../useShelfDocs'
import { countWords } from './designWords'

const layouts: readonly { id: GroupLayout; name: string }[] = [
  { id: 'below', name: 'One below the other' },
  { id: 'beside', name: 'Side by side' },
  { id: 'around', name: 'The second on both sides, mirrored' },
]

/** Two designs or more as one: a name under a badge, two sprigs about a name. */
export function GroupPage() {
  const { with: first } = useLocalSearchParams<{ with?: string }>()
  const style = useShelf((s) => s.shop)
  const router = useRouter()
  const drawn = useNamed('designs').filter((d) => d.source !== 'size')
  const draft = useDraft(`group.${first ?? 'new'}`, {
    ...{ parts: first ?? '', layout: 'below', gap: '6 mm' },
    ...{ right0: '', down0: '', right1: '', down1: '', right2: '', down2: '', right3: '', down3: '' },
  })
  const { texts, type } = draft
  const parts = texts.parts.split(' ').flatMap((id) => drawn.find((d) => d.id === id) ?? [])
  const layout = texts.layout as GroupLayout
  const used = layout === 'around' ? parts.slice(0, 2) : parts
  const read = (field: keyof typeof texts) => readSigned({ text: texts[field], unit: style.unit })
  const { mm: gap, problem: gapWrong } = read('gap')
  const moved = used.map((_, i) => ({ right: read(`right${i as Place}`), down: read(`down${i as Place}`) }))
  const shifts = moved.flatMap(({ right, down }) =>
    right.mm === null || down.mm === null ? [] : [{ x: right.mm, y: down.mm }],
  )
  const whole = gap !== null && used.length > 1 && shifts.length === used.length
  const { group, problem } = useGroup(whole ? { parts: used.map(partOf), layout, gap, shifts } : null)
  const { busy, problem: unkept, run } = useTask()
  const pick = (at: number, id: string): void => {
    const ids = parts.map((d) => d.id)
    ids[at] = id
    type('parts', ids.filter((part) => part !== NONE).join(' '))
  }
  const keep = (): void =>
    void run(async () => {
      const id = crypto.randomUUID()
      const { design } = await atDesk((d) => d.group({ parts: used.map(partOf), layout, gap: gap!, shifts }, id))
      createDrawn(
        designOf(id, {
          name: used
            .map((d) => d.name)
            .join(', ')
            .slice(0, 120),
          kind: used[0]!.kind,
          note: '',
          smallestLetterMm: used.reduce<number | null>(
            (least, d) => (d.smallestLetterMm ? Math.min(least ?? Infinity, d.smallestLetterMm) : least),
            null,
          ),
          change: { scale: 1, rotate: 0, mirror: 'none' },
          order: null,
          ...design,
        }),
      )
      draft.forget()
      router.replace(`/designs/${id}`)
    })
  return (
    <Page
      title="Group designs"
      back
      tape={!group || used.length < 2}
      foot={<Button title="Keep them as one" disabled={!group || !whole || problem !== null || busy} onPress={keep} />}
    >
      {group && used.length > 1 ? (
        <DesignBoard
          opened={group}
          height={300}
          unit={style.unit}
          ground={groundFor(group.design.colours)}
          label="The group, to scale"
        />
      ) : null}
      <Section>
        {group && used.length > 1 ? (
          <>
            <Words bold style={{ fontSize: 24, lineHeight: 30 }}>
              {`${formatLength(group.design.width, style)} × ${formatLength(group.design.height, style)}`}
            </Words>
            <Words soft>{countWords({ ...group.design } as Design)}</Words>
          </>
        ) : null}
        {Array.from({ length: layout === 'around' ? 2 : Math.min(4, Math.max(2, parts.length + 1)) }, (_, i) => (
          <Choices
            key={`${i}${parts[i]?.id}`}
            long
            label={i === 0 ? 'The first' : i === 1 ? 'The second' : 'And another'}
            choices={[
              ...(i >= 2 ? [{ id: NONE, name: 'None' }] : []),
              ...drawn.map((d) => ({ id: d.id, name: d.name })),
            ]}
            value={parts[i]?.id ?? null}
            onChange={(id) => pick(i, id)}
          />
        ))}
        <Choices label="How they lie" choices={layouts} value={layout} onChange={(id) => type('layout', id)} />
        <DraftLength
          draft={{ ...draft, problems: { gap: gapWrong ?? undefined } }}
          field="gap"
          label="Space between"
          unit={style.unit}
        />
        {used.length > 1 ? (
          <Opener title="Move a part from there" open={shifts.some(({ x, y }) => x !== 0 || y !== 0)}>
            <Words soft>A minus moves it left, or up.</Words>
            {used.map((design, i) => (
              <View key={`${i}${design.id}`} style={{ gap: 6 }}>
                <Words>{design.name}</Words>
                <View style={{ flexDirection: 'row', gap: 12 }}>
                  {(['right', 'down'] as const).map((way) => (
                    <DraftLength
                      half
                      key={way}
                      draft={{ ...draft, problems: { [`${way}${i}`]: moved[i]![way].problem ?? undefined } }}
                      field={`${way}${i as Place}`}
                      label={way === 'right' ? 'To the right' : 'Down'}
                      unit={style.unit}
                    />
                  ))}
                </View>
              </View>
            ))}
          </Opener>
        ) : null}
        {(problem ?? unkept) ? <FieldProblem id="group">{(problem ?? unkept)!}</FieldProblem> : null}
      </Section>
    </Page>
  )
}

const NONE = 'none'
const partOf = (d: Design) => ({ id: d.id, edits: editsOf(d) })

type Place = 0 | 1 | 2 | 3
type Request = Parameters<DesignDesk['group']>[0]

function useGroup(request: Request | null): { group: OpenedDesign | null; problem: string | null } {
  const [state, setState] = useState<{ group: OpenedDesign | null; problem: string | null }>({
    group: null,
    problem: null,
  })
  const key = JSON.stringify(request)
  useEffect(() => {
    if (key === 'null') return
    let gone = false
    atDesk((d) => d.group(JSON.parse(key) as Request, null)).then(
      (group) => gone || setState({ group, problem: null }),
      (error: Error) => gone || setState((last) => ({ ...last, problem: error.message })),
    )
    return () => {
      gone = true
    }
  }, [key])
  return state
}
