import { countText } from '@thimble/language'
import { designs as t } from '@thimble/language/en/designs'
import { hullOf } from '@thimble/plan'
import { Button } from '@rneui/themed'
import type { DesignCard, DesignFile } from '@thimble/contract'
import { formatLength } from '@thimble/core/lengths'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { inDesignWorker } from '@/workers/designClient'
import { copyDesign } from '@/shared/editDesign'
import { saveFile } from '@/shared/saveFile'
import { editsOf } from '@/shared/useOpened'
import { useDocuments } from '@/state/store'
import { saveTemplate } from '@/template/printTemplate'
import { TemplateButtons } from '@/template/printing'
import { FieldProblem } from '@/ui/FieldProblem'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'

/** The design as files: stitch list, artwork, its own JSON, paper template; and copies and groups of it. */
export function WriteSection({ design }: { design: DesignCard }) {
  const style = useDocuments((s) => s.shop)
  const router = useRouter()
  const { busy, problem, run } = useTask()
  const write = (format: 'csv' | 'svg'): void =>
    void run(async () =>
      saveFile(design.name, format, await inDesignWorker((d) => d.write(design.id, editsOf(design), format))),
    )
  const template = (paper: 'a4' | 'letter') =>
    saveTemplate(
      {
        title: design.name,
        lines: [
          t('stitches-3', {
            stitches: countText(design.stitches),
            which: design.summary?.estimated ? t('estimated') : '',
          }),
        ],
        design: { ...design, hull: hullOf(design), sketch: design.summary?.sketch ?? null },
        write: (mm) => formatLength(mm, style),
        upIs: t('the-items-top'),
        paper,
      },
      new Date(),
    )
  const copy = (): void => void run(async () => router.push(`/designs/${await copyDesign(design)}`))
  return (
    <Section title={t('export')}>
      <Text soft>{t('as-its-stitched-now-this')}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {design.source === 'stitches' ? (
          <Button type="outline" title={t('stitch-list-csv')} disabled={busy} onPress={() => write('csv')} />
        ) : null}
        <Button type="outline" title={t('artwork-svg')} disabled={busy} onPress={() => write('svg')} />
        <Button
          type="outline"
          title={t('this-programs-own-json')}
          disabled={busy}
          onPress={() => void run(() => saveJson(design))}
        />
      </View>
      <TemplateButtons make={template} />
      {problem ? <FieldProblem id="write">{problem}</FieldProblem> : null}
      <Disclosure title={t('copy-or-group')}>
        <Button type="outline" title={t('make-a-separate-copy')} disabled={busy} onPress={copy} />
        <Button
          type="outline"
          title={t('group-it-with-another')}
          onPress={() => router.push(`/designs/group?with=${design.id}`)}
        />
      </Disclosure>
    </Section>
  )
}

/** The card with its design as it was read; its changes stand beside it, so that they can be taken back elsewhere. */
async function saveJson(design: DesignCard): Promise<void> {
  const { id, createdAt, updatedAt, revision, summary, ...said } = design
  const packed = await inDesignWorker((d) => d.packed(id))
  const file: Omit<DesignFile, 'packed'> = { format: 'zealous-thimble-design', version: 2, design: said }
  saveFile(design.name, 'json', `${JSON.stringify(file).slice(0, -1)},"packed":${packed}}\n`)
}
