import { type Item, type Page, INK } from '@fulcra/core';
import Svg, { ClipPath, Defs, G, Polyline, Rect, Text as SvgText } from 'react-native-svg';
import { useId } from 'react';
import { DRAWING_FONT } from '../ui/tokens';

export interface SheetPreviewProps {
  readonly page: Page;
  readonly widthPx: number;
  readonly label: string;
}

/** A sheet as it will be printed, small. Paper is white in the evening too. */
export function SheetPreview({ page, widthPx, label }: SheetPreviewProps) {
  const clip = useId();
  const { window: w } = page;
  return (
    <Svg
      width={widthPx}
      height={(widthPx * page.heightMm) / page.widthMm}
      viewBox={`0 0 ${page.widthMm} ${page.heightMm}`}
      role="img"
      aria-label={label}
    >
      <Defs>
        <ClipPath id={clip}>
          <Rect x={w.leftMm} y={page.heightMm - w.topMm} width={w.rightMm - w.leftMm} height={w.topMm - w.bottomMm} />
        </ClipPath>
      </Defs>
      <Rect width={page.widthMm} height={page.heightMm} fill="#fff" stroke="#8A8578" strokeWidth={0.4} />
      <G clipPath={`url(#${clip})`}>
        {page.drawing.map((item, i) => (
          <Drawn key={i} item={item} page={page} dy={page.shift.yMm} dz={page.shift.zMm} />
        ))}
      </G>
      {page.fixed.map((item, i) => (
        <Drawn key={i} item={item} page={page} dy={0} dz={0} />
      ))}
    </Svg>
  );
}

function Drawn({ item, page, dy, dz }: { readonly item: Item; readonly page: Page; readonly dy: number; readonly dz: number }) {
  const x = (y: number) => y + dy;
  const y = (z: number) => page.heightMm - z - dz;
  if (item.kind === 'text') {
    return (
      <SvgText
        x={x(item.at.yMm)}
        y={y(item.at.zMm)}
        fontFamily={DRAWING_FONT}
        fontSize={item.sizeMm}
        fontWeight={item.bold ? '700' : '400'}
        textAnchor={item.anchor}
        fill="#1F2421"
      >
        {item.text}
      </SvgText>
    );
  }
  const ink = INK[item.style];
  const points = item.points.map((p) => `${x(p.yMm)},${y(p.zMm)}`).join(' ');
  return (
    <Polyline
      points={points}
      fill="none"
      stroke={ink.colour}
      strokeWidth={ink.widthMm}
      strokeDasharray={ink.dashMm.length > 0 ? ink.dashMm.join(' ') : undefined}
    />
  );
}
