import 'server-only';
import { Text, View } from '@react-pdf/renderer';

type Props = {
  readonly children: string;
  /** Type, pt; the space between words is the shipped font's own. */
  readonly pt: number;
  readonly weight?: 400 | 600 | 700;
  readonly color?: string;
  readonly lineHeight?: number;
};
/** The shipped font's space, as a share of its size. Read from its files. */
const SPACE: Readonly<Record<400 | 600 | 700, number>> = { 400: 0.209, 600: 0.2, 700: 0.196 };

/** A paragraph set word by word, so that no line is squeezed to save the next one. */
export function Words({ children, pt, weight = 400, color, lineHeight }: Props) {
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
