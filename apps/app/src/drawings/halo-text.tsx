import { G, Text as SvgText, type TextProps } from 'react-native-svg';

export interface HaloTextProps extends Omit<TextProps, 'children'> {
  readonly text: string;
  /** The paper's colour, round the letters: a name can lie on a drawing. */
  readonly paper: string;
  readonly haloPx: number;
}

/** Words on a drawing, with paper round them. */
export const HaloText = ({ text, paper, haloPx, fill, ...set }: HaloTextProps) => (
  <G>
    <SvgText {...set} fill={paper} stroke={paper} strokeWidth={haloPx} strokeLinejoin="round" aria-hidden>
      {text}
    </SvgText>
    <SvgText {...set} fill={fill}>
      {text}
    </SvgText>
  </G>
);
