import { help as t } from '@thimble/language/en/help'
import type { StageId } from '@thimble/contract'
import { View } from 'react-native'
import { Fold } from '@/ui/Fold'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { stageNames, ThreadLine } from '@/ui/ThreadLine'

const stages: readonly (readonly [StageId, string])[] = [
  ['measure', t('type-your-measurements-it-says')],
  ['build', t('see-what-goes-under-and')],
  ['hoop', t('pick-a-hoop-see-which')],
  ['stitch', t('tick-the-list-then-stitch')],
  ['finish', t('follow-the-steps-say-how')],
]

const words: readonly (readonly [string, string])[] = [
  [t('piece'), t('one-design-on-one-item')],
  [t('sewing-field'), t('what-the-machine-can-sew')],
  [t('layers'), t('everything-over-and-under-the')],
  [t('backing'), t('goes-underneath-also-called-stabilizer')],
  [t('topping'), t('goes-on-top')],
  [t('floated'), t('laid-on-hooped-backing-not')],
  [t('clamped'), t('held-by-magnets')],
  [t('density'), t('stitches-per-cm')],
  [t('dial-in'), t('the-turn-and-move-you')],
]

const keys: readonly (readonly [string, string])[] = [
  ['n', t('new-piece')],
  ['/', t('search')],
  [t('1-to-5'), t('the-stages-of-a-piece')],
  ['m', t('the-open-stages-button')],
  ['?', t('this-page')],
]

const cautions = [
  t('keep-hands-hair-and-sleeves'),
  t('blades-and-irons-away-from'),
  t('spray-outdoors-or-in-a'),
  t('magnets-pinch-keep-them-away'),
  t('for-infants-and-toys-local'),
]

/** The five stages in a picture, the words, the keys and the cautions. */
export function HelpPage() {
  return (
    <Page title={t('help')} back>
      <Section title={t('five-stages')}>
        <ThreadLine done={new Set<StageId>(['measure', 'build'])} at="hoop" />
        {stages.map(([stage, says]) => (
          <Text key={stage}>
            <Text bold>{`${stageNames[stage]}. `}</Text>
            {says}
          </Text>
        ))}
      </Section>
      <Section title={t('stay-safe')}>
        {cautions.map((text) => (
          <Text key={text}>{text}</Text>
        ))}
      </Section>
      <View style={{ height: 14 }} />
      <Pairs title={t('words')} answer={`${words.length}`} pairs={words} />
      <Pairs title={t('keys')} answer={t('n-1-to-5-m')} pairs={keys} />
    </Page>
  )
}

function Pairs({ title, answer, pairs }: { title: string; answer: string; pairs: typeof words }) {
  return (
    <Fold title={title} answer={answer}>
      {pairs.map(([word, means]) => (
        <Text key={word}>
          <Text bold>{word}</Text>
          {`  ${means}`}
        </Text>
      ))}
    </Fold>
  )
}
