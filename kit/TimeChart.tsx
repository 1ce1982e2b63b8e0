import { area, curveMonotoneX, line } from 'd3-shape';
import { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';

import { highest, lowest } from '@core/measure';

import { type Look, TEXT_FONT, useLook } from './look';
import { Plot, usePlotWidth } from './Plot';
import { drawnType, useTextScale } from './textScale';

/** A value at an instant; null breaks the line. */
export type TimePoint = readonly [at: number, value: number | null];

export interface TimeSeries {
  readonly name: string;
  readonly tone: keyof Pick<Look, 'rim' | 'crust' | 'leaf' | 'beet' | 'rain' | 'canopy'>;
  /** A second jar is told apart by its shape, not by its colour alone. */
  readonly as: 'line' | 'dashed' | 'dots' | 'squares';
  readonly points: readonly TimePoint[];
  /** A pale range around a line, in the order of its points. */
  readonly range?: readonly (readonly [low: number, high: number])[];
}

const HEIGHT = 210;
const MARGIN = { left: 46, right: 12, top: 14, bottom: 32 } as const;
const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000];

/** Values over days and months. */
export function TimeChart({
  series,
  marks = [],
  valueText,
  timeText,
  times: named,
  fromZero = false,
  label,
}: {
  readonly series: readonly TimeSeries[];
  /** Days on which something changed, with a word each. */
  readonly marks?: readonly { readonly at: number; readonly text: string }[];
  readonly valueText: (value: number) => string;
  readonly timeText: (at: number) => string;
  /** What is named below it; as many as fit, evenly, when not given. */
  readonly times?: readonly number[];
  readonly fromZero?: boolean;
  readonly label: string;
}) {
  const look = useLook();
  const scale = useTextScale();
  const across = usePlotWidth();
  const { width } = across;
  const points = series.flatMap((one) => one.points);
  const values = [
    ...points.flatMap(([, value]) => (value === null ? [] : [value])),
    ...series.flatMap(({ range }) => range?.flat() ?? []),
  ];
  const times = points.map(([at]) => at);
  if (values.length === 0) return null;
  const [from, until] = [lowest(times), highest(times)];
  const top = highest(values);
  const least = fromZero ? 0 : lowest(values);
  const step = STEPS.find((one) => (top - least) / one <= 5) ?? (top - least || 1);
  const low = Math.floor(least / step) * step;
  const high = Math.max(low + step, Math.ceil(top / step) * step);
  const base = HEIGHT - MARGIN.bottom;
  const x = (at: number) =>
    MARGIN.left + ((at - from) / Math.max(1, until - from)) * (width - MARGIN.left - MARGIN.right);
  const y = (value: number) => base - ((value - low) / (high - low)) * (base - MARGIN.top);
  const rows = Array.from(
    { length: Math.round((high - low) / step) + 1 },
    (_, i) => low + i * step,
  );
  const text = { fontSize: drawnType(12, scale), fontFamily: TEXT_FONT, fill: look.quiet } as const;
  // As many days under it as have room for their words.
  const fit = Math.max(2, Math.min(6, Math.floor(width / (72 * scale))));
  const days =
    named ??
    (until > from
      ? Array.from({ length: fit }, (_, i) => from + (i * (until - from)) / (fit - 1))
      : [from]);
  return (
    <Plot label={label} height={HEIGHT} across={across}>
      {rows.map((value) => [
        <Line
          key={`row ${value}`}
          x1={MARGIN.left}
          x2={width - MARGIN.right}
          y1={y(value)}
          y2={y(value)}
          stroke={look.seam}
        />,
        <SvgText
          key={`text ${value}`}
          {...text}
          x={MARGIN.left - 6}
          y={y(value) + 4}
          textAnchor="end"
        >
          {valueText(value)}
        </SvgText>,
      ])}
      {days.map((at, i) => (
        <SvgText
          key={at}
          {...text}
          x={x(at)}
          y={HEIGHT - 9}
          textAnchor={i === 0 ? 'start' : i === days.length - 1 ? 'end' : 'middle'}
        >
          {timeText(at)}
        </SvgText>
      ))}
      {marks
        .filter(({ at }) => at >= from && at <= until)
        .map(({ at, text: word }) => [
          <Line
            key={`mark ${at}`}
            x1={x(at)}
            x2={x(at)}
            y1={MARGIN.top}
            y2={base}
            stroke={look.crust}
            strokeDasharray="3 4"
          />,
          <SvgText
            key={`word ${at}`}
            {...text}
            fill={look.crust}
            x={x(at) + (x(at) > width / 2 ? -4 : 4)}
            y={MARGIN.top + 8}
            textAnchor={x(at) > width / 2 ? 'end' : 'start'}
          >
            {word}
          </SvgText>,
        ])}
      {series.map((one) => (
        <Drawn key={one.name} one={one} x={x} y={y} look={look} />
      ))}
      <Line
        x1={MARGIN.left}
        x2={width - MARGIN.right}
        y1={base}
        y2={base}
        stroke={look.rim}
        strokeWidth={2}
      />
    </Plot>
  );
}

function Drawn({
  one: { as, tone, points, range },
  x,
  y,
  look,
}: {
  readonly one: TimeSeries;
  readonly x: (at: number) => number;
  readonly y: (value: number) => number;
  readonly look: Look;
}) {
  if (as === 'dots' || as === 'squares')
    return points.map(([at, value], i) =>
      value === null ? null : as === 'dots' ? (
        <Circle
          key={i}
          cx={x(at)}
          cy={y(value)}
          r={4}
          fill={look[tone]}
          stroke={look.ink}
          strokeWidth={1}
        />
      ) : (
        <Rect
          key={i}
          x={x(at) - 3.5}
          y={y(value) - 3.5}
          width={7}
          height={7}
          fill={look.enamel}
          stroke={look[tone]}
          strokeWidth={2}
        />
      ),
    );
  const path = line<TimePoint>()
    .defined(([, value]) => value !== null)
    .x(([at]) => x(at))
    .y(([, value]) => y(value!))
    .curve(curveMonotoneX)([...points]);
  const pale =
    range &&
    area<readonly [number, readonly [number, number]]>()
      .x(([at]) => x(at))
      .y0(([, [bottom]]) => y(bottom))
      .y1(([, [, top]]) => y(top))
      .curve(curveMonotoneX)(points.map(([at], i) => [at, range[i]!] as const));
  return (
    <>
      {pale && <Path d={pale} fill={look[tone]} fillOpacity={0.16} />}
      <Path
        d={path ?? ''}
        stroke={look[tone]}
        strokeWidth={2}
        fill="none"
        {...(as === 'dashed' ? { strokeDasharray: '6 5' } : {})}
      />
    </>
  );
}
