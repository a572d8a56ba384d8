import type { StageId } from '@thimble/contract'
import { View } from 'react-native'
import { Fold } from '@/ui/Fold'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { stageNames, ThreadLine } from '@/ui/ThreadLine'

const stages: readonly (readonly [StageId, string])[] = [
  ['measure', 'Type your measurements. It says where to mark the cross.'],
  ['build', 'See what goes under and over the cloth, and why.'],
  ['hoop', 'Pick a hoop, see which way up it goes, and what to dial in.'],
  ['stitch', 'Tick the list, then stitch with your machine or the practice machine.'],
  ['finish', 'Follow the steps, say how it came out, and save it to the log.'],
]

const words: readonly (readonly [string, string])[] = [
  ['Piece', 'one design on one item'],
  ['Sewing field', 'what the machine can sew inside a hoop'],
  ['Layers', 'everything over and under the cloth'],
  ['Backing', 'goes underneath; also called stabilizer'],
  ['Topping', 'goes on top'],
  ['Floated', 'laid on hooped backing, not hooped itself'],
  ['Clamped', 'held by magnets'],
  ['Density', 'stitches per cm²'],
  ['Dial in', 'the turn and move you give the machine'],
]

const keys: readonly (readonly [string, string])[] = [
  ['n', 'new piece'],
  ['/', 'search'],
  ['1 to 5', 'the stages of a piece'],
  ['m', 'the open stage’s button'],
  ['?', 'this page'],
]

const cautions = [
  'Keep hands, hair and sleeves away from needle and carriage. Power off before you change a needle.',
  'Blades and irons: away from your hand; follow the care label.',
  'Spray outdoors or in a ventilated box. Read the label.',
  'Magnets pinch. Keep them away from pacemakers.',
  'For infants and toys, local product-safety rules decide.',
]

/** The five stages in a picture, the words, the keys and the cautions. */
export function HelpPage() {
  return (
    <Page title="Help" back>
      <Section title="Five stages">
        <ThreadLine done={new Set<StageId>(['measure', 'build'])} at="hoop" />
        {stages.map(([stage, says]) => (
          <Text key={stage}>
            <Text bold>{`${stageNames[stage]}. `}</Text>
            {says}
          </Text>
        ))}
      </Section>
      <Section title="Stay safe">
        {cautions.map((text) => (
          <Text key={text}>{text}</Text>
        ))}
      </Section>
      <View style={{ height: 14 }} />
      <Pairs title="Words" answer={`${words.length}`} pairs={words} />
      <Pairs title="Keys" answer="n, /, 1 to 5, m, ?" pairs={keys} />
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
