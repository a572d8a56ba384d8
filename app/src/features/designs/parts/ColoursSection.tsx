import { writeMessage } from '@thimble/language'
import { many } from '@thimble/language/en/counts'
import { designs as t } from '@thimble/language/en/designs'
import type { DesignCard, Thread } from '@thimble/contract'
import { type Match, nearestThreads, onGround } from '@thimble/core/colour'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { editDesign } from '@/shared/editDesign'
import { deviceStorage } from '@/state/deviceStorage'
import { usePalette } from '@/theme/PaletteProvider'
import { FieldProblem } from '@/ui/FieldProblem'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import type { OpenedDesign } from '@/workers/designWorker'
import { useNamed } from '@/state/useShelfDocs'
import { metres } from '@/words/designWords'
import { ClothColour } from '@/shared/ClothColour'
import { ColourIdeas } from './ColourIdeas'
import { RecolourLine } from './RecolourLine'

const CLOTH_SLOT = 'zt.cloth.look'

/** Each colour with its thread: metres, the nearest on the shelf, how it stands on the cloth; and other colours for it. */
export function ColoursSection({ design, opened }: { design: DesignCard; opened: OpenedDesign | null }) {
  const threads = useNamed('threads')
  const [cloth, setCloth] = useState(() => deviceStorage.getItem(CLOTH_SLOT) ?? '#27406b')
  const { busy, problem, run } = useTask()
  const distinct = [...new Set(design.colours.map((c) => c.toLowerCase()))]
  const topOf = new Map(opened?.thread.byColour.map((c) => [c.colour.toLowerCase(), c.topMetres]))
  const recolour = (from: string, to: string): void =>
    void run(() => editDesign(design, { colours: design.colours.map((c) => (c.toLowerCase() === from ? to : c)) }))
  const choose = (colour: string): void => {
    setCloth(colour)
    deviceStorage.setItem(CLOTH_SLOT, colour)
  }
  return (
    <Section
      title={t('colours')}
      says={t('in', { many: many(design.colours.length, 'block'), many2: many(distinct.length, 'colour') })}
    >
      <ClothColour value={cloth} onChange={choose} />
      {distinct.map((colour) => (
        <ColourLine
          key={colour}
          colour={colour}
          cloth={cloth}
          top={topOf.get(colour)}
          blocks={design.colours.filter((c) => c.toLowerCase() === colour).length}
          matches={nearestThreads(colour, threads)}
          onRecolour={(to) => recolour(colour, to)}
        />
      ))}
      {problem ? <FieldProblem id="recolour">{problem}</FieldProblem> : null}
      <Disclosure title={t('other-colours')}>
        <ColourIdeas
          colours={design.colours}
          cloth={cloth}
          busy={busy}
          onTake={(colours) => void run(() => editDesign(design, { colours }))}
        />
      </Disclosure>
    </Section>
  )
}

type LineProps = {
  colour: string
  cloth: string
  top: number | undefined
  blocks: number
  matches: Match<Thread>[]
  onRecolour: (colour: string) => void
}

function ColourLine({ colour, cloth, top, blocks, matches, onRecolour }: LineProps) {
  const p = usePalette()
  const [open, setOpen] = useState(false)
  const ground = onGround(colour, cloth)
  const best = matches[0]
  const short = best?.thread.leftM !== null && best !== undefined && top !== undefined && best.thread.leftM! < top
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8, gap: 6 }}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={{ flexDirection: 'row', gap: 12, minHeight: 44 }}
      >
        <View style={{ width: 44, backgroundColor: cloth, padding: 6 }}>
          <View style={{ flex: 1, backgroundColor: colour }} />
        </View>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Text bold>{best ? best.thread.name : colour}</Text>
          <Text soft>
            {best
              ? `${writeMessage(best.words)}; ${colour}, ${many(blocks, 'block')}`
              : t('no-threads-in-the-stash', { many: many(blocks, 'block') })}
          </Text>
          {short ? (
            <Text soft tone="madder">
              {t('only-left', { metres: metres(best.thread.leftM!) })}
            </Text>
          ) : null}
          <Text soft>{writeMessage(ground.said)}</Text>
        </View>
        <View style={{ alignItems: 'flex-end' }}>
          <Text bold style={{ fontSize: 20 }}>
            {top === undefined ? '' : metres(top)}
          </Text>
          <Text soft tone="indigo">
            {open ? t('close-2') : t('change-2')}
          </Text>
        </View>
      </Pressable>
      {open ? <RecolourLine colour={colour} matches={matches} onRecolour={onRecolour} /> : null}
    </View>
  )
}
