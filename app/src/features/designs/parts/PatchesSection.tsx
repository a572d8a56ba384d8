import { designs as t } from '@thimble/language/en/designs'
import { Button } from '@rneui/themed'
import type { BlockRole, DesignCard } from '@thimble/contract'
import { patchAdvice, type PatchRole } from '@thimble/core/design'
import { patchesOf, patchNames } from '@thimble/plan'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { patch } from '@/sync/changes'
import { usePalette } from '@/theme/PaletteProvider'
import { AdviceBar } from '@/ui/AdviceBar'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Choices } from '@/ui/Choices'
import { Disclosure } from '@/ui/Disclosure'
import { NameField } from '@/ui/NameField'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { roleName, roleNames } from '@/words/patchWords'
import { threadFor } from '@/words/threadWords'

/** Blocks shown before the rest is asked for. */
const FEW = 12

/** Applied cloth: which block marks, tacks and covers which patch. Read from the drawing where it tells, and set here. */
export function PatchesSection({ design }: { design: DesignCard }) {
  const said = design.roles.some(Boolean)
  if (said || design.kind === 'applique')
    return (
      <Section title={t('patches')} says={said ? undefined : t('say-what-each-block-does')}>
        <Patches design={design} />
      </Section>
    )
  return (
    <Section>
      <Disclosure title={t('it-has-patches')}>
        <Patches design={design} />
      </Disclosure>
    </Section>
  )
}

/** The next free name: “Patch 3”. */
function nextName(names: readonly string[]): string {
  for (let n = 1; ; n++) if (!names.includes(`Patch ${n}`)) return t('patch', { n })
}

function Patches({ design }: { design: DesignCard }) {
  const [all, setAll] = useState(false)
  const blocks = patchesOf(design)
  const names = patchNames(blocks)
  const rolesOf = (change: (role: BlockRole | null, drawn: number) => BlockRole | null): void =>
    patch('designs', design.id, {
      roles: design.colours.map((_, drawn) => change(design.roles[drawn] ?? null, drawn)),
      ...(design.kind === 'applique' ? {} : { kind: 'applique' }),
    })
  const each = (name: string, over: Partial<BlockRole>): void =>
    rolesOf((role) => (role?.patch === name ? { ...role, ...over } : role))
  const shown = all ? design.colours : design.colours.slice(0, FEW)
  return (
    <View style={{ gap: 12 }}>
      {patchAdvice(blocks).map((advice, i) => (
        <AdviceBar key={i} advice={advice} />
      ))}
      <View>
        {shown.map((colour, i) => {
          const drawn = design.order?.[i] ?? i
          return (
            <BlockLine
              key={i}
              at={i + 1}
              colour={colour}
              role={design.roles[drawn] ?? null}
              names={names.map(({ name }) => name)}
              onChange={(role) => rolesOf((was, one) => (one === drawn ? role : was))}
            />
          )
        })}
      </View>
      {shown.length < design.colours.length ? (
        <Button
          type="outline"
          title={t('all-blocks', { colours: design.colours.length })}
          onPress={() => setAll(true)}
        />
      ) : null}
      {names.map(({ name, cutBeforehand }, i) => (
        <View key={i}>
          <NameField
            slot={`patch.${design.id}.${i}`}
            name={name}
            onChange={(next) => names.some((one) => one.name === next.trim()) || each(name, { patch: next.trim() })}
          />
          <CheckboxRow
            title={t('is-cut-to-shape-beforehand', { name })}
            done={cutBeforehand}
            onChange={(done) => each(name, { cutBeforehand: done })}
          />
        </View>
      ))}
    </View>
  )
}

type LineProps = {
  at: number
  colour: string
  role: BlockRole | null
  names: readonly string[]
  onChange: (role: BlockRole | null) => void
}

const [NONE, NEW] = [' none', ' new']

function BlockLine({ at, colour, role, names, onChange }: LineProps) {
  const p = usePalette()
  const threads = useNamed('threads')
  const [open, setOpen] = useState(false)
  const pick = (name: string): void => {
    if (name === NONE) return onChange(null)
    const { role: does = 'placement', cutBeforehand = false } = role ?? {}
    onChange({ patch: name === NEW ? nextName(names) : name, role: does, cutBeforehand })
  }
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 6, gap: 8 }}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 44 }}
      >
        <Text soft style={{ width: 20 }}>
          {at}
        </Text>
        <View style={{ width: 40, height: 24, backgroundColor: colour, borderWidth: 1, borderColor: p.ink }} />
        <View style={{ flex: 1, minWidth: 0 }}>
          <Text>{threadFor(colour, threads)}</Text>
          <Text soft>{role ? `${role.patch}: ${roleName(role.role).toLowerCase()}` : t('no-patch')}</Text>
        </View>
        <Text soft tone="indigo">
          {open ? t('close') : t('change')}
        </Text>
      </Pressable>
      {open ? (
        <>
          <Choices
            label={t('patch-2')}
            value={role?.patch ?? NONE}
            choices={[
              { id: NONE, name: t('none') },
              ...names.map((name) => ({ id: name, name })),
              { id: NEW, name: t('new-patch') },
            ]}
            onChange={pick}
          />
          {role ? (
            <Choices<PatchRole>
              label={t('what-this-block-does')}
              value={role.role}
              choices={roleNames}
              onChange={(does) => onChange({ ...role, role: does })}
            />
          ) : null}
        </>
      ) : null}
    </View>
  )
}
