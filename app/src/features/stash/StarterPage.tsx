import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import { nanoid } from 'nanoid'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { create } from '@/sync/changes'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import {
  beds,
  docOf,
  fields,
  needleCounts,
  type Usual,
  usualBackings,
  usualColours,
  usualHoops,
  usualMachine,
  usualNeedles,
  usualToppings,
} from './starterShelf'

const shelves = [
  [t('hoops'), usualHoops],
  [t('backings'), usualBackings],
  [t('toppings'), usualToppings],
  [t('needles'), usualNeedles],
  [t('thread-colours'), usualColours],
] as const

/** A shelf by taps: what most shops have, each with typical numbers until its own are measured. */
export function StarterPage() {
  const router = useRouter()
  const [bed, setBed] = useState<string>('free-arm')
  const [needles, setNeedles] = useState('1')
  const [field, setField] = useState<string>('130x180')
  const [picked, setPicked] = useState<ReadonlySet<Usual>>(new Set())
  const toggle = (things: readonly Usual[], on: boolean): void => {
    const next = new Set(picked)
    for (const one of things)
      if (on) next.add(one)
      else next.delete(one)
    setPicked(next)
  }
  const save = (): void => {
    for (const one of [usualMachine(bed, needles, field), ...picked])
      create(one.collection, docOf(one, nanoid(), new Date()) as never)
    router.replace('/stash')
  }
  return (
    <Page
      title={t('set-up-your-shelf')}
      back
      foot={<Button title={t('add-things', { size: picked.size + 1 })} onPress={save} />}
    >
      <Section title={t('machine')} says={t('all-numbers-are-typical-change')}>
        <Choices label={t('bed')} choices={beds} value={bed} onChange={setBed} />
        <Choices label={t('needles')} choices={needleCounts} value={needles} onChange={setNeedles} />
        <Choices label={t('largest-sewing-field')} choices={fields} value={field} onChange={setField} />
      </Section>
      {shelves.map(([title, things]) => (
        <Shelf key={title} {...{ title, things, picked, toggle }} />
      ))}
    </Page>
  )
}

type ShelfProps = {
  title: string
  things: readonly Usual[]
  picked: ReadonlySet<Usual>
  toggle: (things: readonly Usual[], on: boolean) => void
}

function Shelf({ title, things, picked, toggle }: ShelfProps) {
  const all = things.every((one) => picked.has(one))
  return (
    <Section title={title}>
      <View role="group" aria-label={title} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Tag name={all ? t('none') : t('all')} on={all} onPress={() => toggle(things, !all)} />
        {things.map((one) => (
          <Tag
            key={one.name}
            name={one.name}
            swatch={one.swatch}
            on={picked.has(one)}
            onPress={() => toggle([one], !picked.has(one))}
          />
        ))}
      </View>
    </Section>
  )
}

type TagProps = { name: string; swatch?: string | undefined; on: boolean; onPress: () => void }

function Tag({ name, swatch, on, onPress }: TagProps) {
  const p = usePalette()
  return (
    <Pressable
      role="button"
      aria-pressed={on}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 8,
        minHeight: 44,
        paddingHorizontal: 14,
        borderRadius: 4,
        borderWidth: on ? 2 : 1,
        borderColor: on ? p.indigo : p.edge,
        backgroundColor: p.paper,
      }}
    >
      {swatch ? (
        <View style={{ width: 20, height: 20, backgroundColor: swatch, borderWidth: 1, borderColor: p.seam }} />
      ) : null}
      <Text bold={on} tone={on ? 'indigo' : undefined} style={{ fontSize: 16 }}>
        {on ? `✓ ${name}` : name}
      </Text>
    </Pressable>
  )
}
