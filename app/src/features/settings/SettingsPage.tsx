import { habitQuestions } from '@thimble/core/habits'
import type { ReactNode } from 'react'
import { View } from 'react-native'
import { make, useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { NameField } from '@/ui/NameField'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'

/** Units, look, and the shop's own way where practitioners differ; each habit says what it leads to. */
export function SettingsPage() {
  const shop = useShelf((s) => s.shop)
  const set = (body: object): void => make({ kind: 'shop', body })
  return (
    <Page title="Habits and settings" back>
      <Section title="The shop">
        <NameField slot="shop" name={shop.name} onChange={(name) => set({ name })} />
        <Choices
          label="Lengths in"
          choices={[
            { id: 'mm', name: 'Millimetres' },
            { id: 'cm', name: 'Centimetres' },
            { id: 'in', name: 'Inches' },
          ]}
          value={shop.unit}
          onChange={(unit) => set({ unit })}
        />
        {shop.unit === 'in' ? (
          <Choices
            label="Finest mark of the tape"
            choices={[
              { id: '8', name: '1/8' },
              { id: '16', name: '1/16' },
              { id: '32', name: '1/32' },
            ]}
            value={String(shop.fraction) as '8' | '16' | '32'}
            onChange={(f) => set({ fraction: Number(f) })}
          />
        ) : null}
        <Choices
          label="Look"
          choices={[
            { id: 'auto', name: 'As the device' },
            { id: 'light', name: 'Calico' },
            { id: 'dark', name: 'Dim workroom' },
          ]}
          value={shop.theme}
          onChange={(theme) => set({ theme })}
        />
      </Section>
      <Section
        title="House habits"
        says="Where practitioners differ, the program follows yours and says so. The other way is still offered."
      >
        {habitQuestions.map((q) => (
          <HabitBlock key={q.id} means={q.choices.find((c) => c.value === shop.habits[q.id])?.means ?? ''}>
            <Choices
              label={q.asks}
              choices={q.choices.map((c) => ({ id: c.value, name: c.name }))}
              value={shop.habits[q.id] as string}
              onChange={(value) => set({ habits: { [q.id]: value } })}
            />
          </HabitBlock>
        ))}
      </Section>
      <Section title="Your data" says="Everything the shop keeps, as one open JSON file.">
        <ExportLink />
      </Section>
    </Page>
  )
}

function HabitBlock({ means, children }: { means: string; children: ReactNode }) {
  const p = usePalette()
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingTop: 12, gap: 6 }}>
      {children}
      <Words soft>{means}</Words>
    </View>
  )
}

function ExportLink() {
  const p = usePalette()
  return (
    <a
      href="/api/v1/export"
      download
      style={{ color: p.indigo, fontFamily: 'TextBold', fontSize: 17, padding: '12px 0', display: 'inline-block' }}
    >
      Save the shop as a file
    </a>
  )
}
