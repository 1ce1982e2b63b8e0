import { curveMonotoneX, line } from 'd3-shape';
import { Circle, Line, Path, Text as SvgText } from 'react-native-svg';

import { highest } from '@core/measure';

import { TEXT_FONT, useLook } from './look';
import { drawnType, useTextScale } from './textScale';
import { Plot, usePlotWidth } from './Plot';

type Point = readonly [warmth: number, hours: number];

const HEIGHT = 210;
const MARGIN = { left: 40, right: 14, top: 16, bottom: 34 } as const;

/** Hours to the peak against warmth: dots that were seen, and a line that is expected. */
export function PeakChart({
  dots,
  expected,
  warmthText,
  label,
}: {
  readonly dots: readonly Point[];
  /** From cool to warm, over all the warmth that is shown. */
  readonly expected: readonly Point[];
  readonly warmthText: (warmth: number) => string;
  readonly label: string;
}) {
  const look = useLook();
  const scale = useTextScale();
  const across = usePlotWidth();
  const { width } = across;
  const low = expected[0]![0];
  const high = expected[expected.length - 1]![0];
  const longest = Math.ceil(highest([...expected, ...dots].map(([, h]) => h)));
  const base = HEIGHT - MARGIN.bottom;
  const x = (warmth: number) =>
    MARGIN.left + ((warmth - low) / (high - low)) * (width - MARGIN.left - MARGIN.right);
  const y = (hours: number) => base - (hours / longest) * (base - MARGIN.top);
  const path = line<Point>()
    .x(([warmth]) => x(warmth))
    .y(([, hours]) => y(hours))
    .curve(curveMonotoneX)([...expected]);
  const apart = [1, 2, 3, 4, 6, 12].find((step) => longest / step <= 5) ?? 24;
  const rows = Array.from({ length: Math.floor(longest / apart) }, (_, i) => (i + 1) * apart);
  const columns = Array.from(
    { length: Math.floor((high - low) / 2) + 1 },
    (_, i) => Math.ceil(low) + 2 * i,
  ).filter((warmth) => warmth <= high);
  const text = { fontSize: drawnType(12, scale), fontFamily: TEXT_FONT, fill: look.quiet } as const;
  return (
    <Plot label={label} height={HEIGHT} across={across}>
      {rows.map((hours) => (
        <Line
          key={hours}
          x1={MARGIN.left}
          x2={width - MARGIN.right}
          y1={y(hours)}
          y2={y(hours)}
          stroke={look.seam}
        />
      ))}
      {rows.map((hours) => (
        <SvgText key={`${hours} h`} {...text} x={MARGIN.left - 6} y={y(hours) + 4} textAnchor="end">
          {`${hours} h`}
        </SvgText>
      ))}
      {columns.map((warmth) => (
        <SvgText key={warmth} {...text} x={x(warmth)} y={HEIGHT - 10} textAnchor="middle">
          {warmthText(warmth)}
        </SvgText>
      ))}
      <Line
        x1={MARGIN.left}
        x2={width - MARGIN.right}
        y1={base}
        y2={base}
        stroke={look.rim}
        strokeWidth={2}
      />
      <Path d={path ?? ''} stroke={look.rim} strokeWidth={2} strokeDasharray="6 5" fill="none" />
      {dots.map(([warmth, hours], i) => (
        <Circle
          key={i}
          cx={x(warmth)}
          cy={y(hours)}
          r={4.5}
          fill={look.canopy}
          stroke={look.ink}
          strokeWidth={1.5}
        />
      ))}
    </Plot>
  );
}
