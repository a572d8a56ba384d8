import { designs as t } from '@thimble/language/en/designs'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { useEffect } from 'react'
import { Pressable, View } from 'react-native'
import { useDropzone } from 'react-dropzone'
import { DesignThumb } from '@/drawing/DesignThumb'
import { designWorker } from '@/workers/designClient'
import { type IntakeLine, useIntake } from '@/shared/useIntake'
import { remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { formatLength } from '@thimble/core/lengths'
import { FieldProblem } from '@/ui/FieldProblem'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Heading, Text } from '@/ui/Text'
import { countWords } from '@/words/designWords'

/** How a design comes onto the shelf: from files, as wording, from others, or by its size. */
export function AddDesignPage() {
  const router = useRouter()
  const { lines, take, withoutPage } = useIntake()
  // Fetched before it is needed: the server may be away by then.
  useEffect(() => void designWorker(), [])
  return (
    <Page title={t('add-a-design')} back>
      <Section title={t('from-files')} says={t('artwork-svg-at-real-size')}>
        <DropArea onFiles={take} />
        <Progress lines={lines} />
        {lines.map((line) => (
          <Line
            key={line.key}
            line={line}
            onDropPage={async () => {
              const first = line.design
              if ((await withoutPage(line)) && first) remove('designs', first.id, first.name)
            }}
          />
        ))}
      </Section>
      <Section title={t('other-ways')}>
        <Button type="outline" title={t('make-a-line-of-wording')} onPress={() => router.push('/designs/wording')} />
        <Button type="outline" title={t('group-designs-into-one')} onPress={() => router.push('/designs/group')} />
        <Button type="outline" title={t('enter-its-size-and-stitches')} onPress={() => router.push('/designs/new')} />
      </Section>
    </Page>
  )
}

function DropArea({ onFiles }: { onFiles: (files: File[]) => void }) {
  const p = usePalette()
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: onFiles,
    noClick: true,
    noKeyboard: true,
  })
  return (
    <div
      {...getRootProps()}
      style={{
        border: `2px dashed ${isDragActive ? p.indigo : p.inkSoft}`,
        background: isDragActive ? p.tape : p.paper,
        borderRadius: 4,
        padding: 14,
        textAlign: 'center',
      }}
    >
      <input {...getInputProps({ 'aria-label': t('design-files') })} />
      <Pressable role="button" onPress={open} style={{ minHeight: 44, justifyContent: 'center', alignItems: 'center' }}>
        <Text bold tone="indigo" style={{ textAlign: 'center' }}>
          {isDragActive ? t('drop-to-add-them') : t('choose-files-or-drop-them')}
        </Text>
      </Pressable>
    </div>
  )
}

/** A tape drawn out as far as the files are read. */
function Progress({ lines }: { lines: readonly IntakeLine[] }) {
  const p = usePalette()
  const done = lines.filter((line) => line.state === 'in' || line.state === 'refused').length
  if (lines.length === 0) return null
  const refused = lines.filter((line) => line.state === 'refused').length
  const reading = lines.find((line) => line.state === 'reading')
  const says = reading
    ? t('reading-of', { name: reading.name, done: done + 1, lines: lines.length })
    : t('of-added', {
        lines: lines.length - refused,
        lines2: lines.length,
        which: refused > 0 ? t('couldnt-be-read', { refused }) : '',
      })
  return (
    <View style={{ gap: 4 }}>
      <View
        role="progressbar"
        aria-label={t('files-read')}
        aria-valuemin={0}
        aria-valuemax={lines.length}
        aria-valuenow={done}
        style={{ height: 14, borderWidth: 1, borderColor: p.seam, backgroundColor: p.paper, flexDirection: 'row' }}
      >
        {lines.map((line, i) => (
          <View
            key={line.key}
            style={{
              flex: 1,
              backgroundColor: i < done ? p.tape : 'transparent',
              borderRightWidth: i < lines.length - 1 ? 1 : 0,
              borderRightColor: p.onTape,
            }}
          />
        ))}
      </View>
      <Text soft role="status">
        {says}
      </Text>
    </View>
  )
}

function Line({ line, onDropPage }: { line: IntakeLine; onDropPage: () => void }) {
  const p = usePalette()
  const style = useDocuments((s) => s.shop)
  const { design } = line
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 10, gap: 6 }}>
      {design ? (
        <RowLink href={`/designs/${design.id}`} style={{ flexDirection: 'row', gap: 12 }}>
          <DesignThumb design={design} px={64} />
          <View style={{ flex: 1, minWidth: 0 }}>
            <Heading level={3}>{design.name}</Heading>
            <Text bold>{`${formatLength(design.width, style)} × ${formatLength(design.height, style)}`}</Text>
            <Text soft>{countWords(design)}</Text>
          </View>
        </RowLink>
      ) : (
        <Text>{`${line.name}${line.state === 'reading' ? t('being-read') : line.state === 'waiting' ? t('waiting') : ''}`}</Text>
      )}
      {line.reason ? <FieldProblem id={line.key}>{line.reason}</FieldProblem> : null}
      {line.whitePage ? (
        <Button type="outline" title={t('leave-out-the-white-background')} onPress={onDropPage} />
      ) : null}
    </View>
  )
}
