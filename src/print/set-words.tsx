import 'server-only';
import { Text, View } from '@react-pdf/renderer';
import { type Weight, widestWord } from './measure';

type Props = {
  readonly children: string;
  /** Type, pt; the space between words is the shipped font's own. */
  readonly pt: number;
  /** The room there is, pt: a word that is wider makes the whole paragraph smaller. */
  readonly width: number;
  readonly weight?: Weight;
  readonly color?: string;
  readonly lineHeight?: number;
};
/** The shipped font's space, as a share of its size. Read from its files. */
const SPACE: Readonly<Record<Weight, number>> = { 400: 0.209, 600: 0.2, 700: 0.196 };

/** A paragraph set word by word, so that no line is squeezed to save the next one, and no word runs out of its room. */
export function Words({ children, pt: wanted, width, weight = 400, color, lineHeight }: Props) {
  const pt = Math.min(wanted, width / widestWord(children, weight));
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: pt * SPACE[weight] }}>
      {children.split(' ').map((word, i) => (
        <Text
          // biome-ignore lint/suspicious/noArrayIndexKey: a word is its place in the paragraph
          key={i}
          style={{ fontSize: pt, fontWeight: weight, ...(color ? { color } : {}), ...(lineHeight ? { lineHeight } : {}) }}
        >
          {word}
        </Text>
      ))}
    </View>
  );
}
