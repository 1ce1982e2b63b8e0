import { area, curveMonotoneX } from 'd3-shape';
import { StyleSheet, View } from 'react-native';
import { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';

import { TEXT_FONT, useLook } from './look';
import { drawnType, useTextScale } from './textScale';
import { Plot, usePlotWidth } from './Plot';
import { apartEnough } from './apartEnough';
import { type WantedWindow, WantedGrip } from './WantedGrip';

type Stretch = readonly [number, number];

export interface WeekCanopyProps {
  readonly from: number;
  readonly until: number;
  readonly heights: readonly (readonly [number, number])[];
  readonly ripe: readonly Stretch[];
  /** When nobody is there; shaded behind. */
  readonly away: readonly Stretch[];
  /** Heights that somebody saw, as dots. */
  readonly seen?: readonly (readonly [number, number])[];
  /** The present, as the handle. */
  readonly now?: number;
  /** Windows in which levain is wanted; they can be moved. */
  readonly wanted: readonly WantedWindow[];
  readonly steps: readonly { readonly at: number; readonly main: boolean }[];
  readonly days: readonly { readonly at: number; readonly text: string }[];
  readonly label: string;
}

const HEIGHT = 84;
const BASE = 58;
const TOP = 8;
/** Half of a step's mark with its line, px. */
const MARK = 6;
/** A day's name with some air, px. */
const DAY_WIDTH = 42;
/** Room above a row for the grips of its windows. */
const GRIPS = 32;

/** A jar through the week: its canopies in a row, hands shaded behind, ripe hours lit, steps below. */
export function WeekCanopy({
  from,
  until,
  heights,
  ripe,
  away,
  seen = [],
  now,
  wanted,
  steps,
  days,
  label,
}: WeekCanopyProps) {
  const look = useLook();
  const scale = useTextScale();
  const across = usePlotWidth();
  const { width } = across;
  const x = (at: number) => ((at - from) / (until - from)) * width;
  const highest = Math.max(2.2, ...heights.map(([, h]) => h));
  const y = (h: number) => BASE - ((Math.max(1, h) - 1) / (highest - 1)) * (BASE - TOP);
  const dome = (points: readonly (readonly [number, number])[]) =>
    area<readonly [number, number]>(
      ([at]) => x(at),
      BASE,
      ([, h]) => y(h),
    ).curve(curveMonotoneX)(points) ?? '';
  const bar = (span: Stretch, key: string, fill: string, top: number, height: number) => (
    <Rect
      key={key}
      x={x(Math.max(from, span[0]))}
      y={top}
      width={Math.max(0, x(Math.min(until, span[1])) - x(Math.max(from, span[0])))}
      height={height}
      fill={fill}
    />
  );
  return (
    <View style={{ paddingTop: wanted.length > 0 ? GRIPS : 0 }}>
      <Plot label={label} height={HEIGHT} across={across} style={styles.box}>
        {away.map((span) => bar(span, `away ${span[0]}`, look.mist, 0, BASE))}
        {wanted.map((window) => (
          <Rect
            key={window.id}
            x={x(window.from)}
            y={1}
            width={Math.max(4, x(window.until) - x(window.from))}
            height={BASE}
            rx={3}
            fill="none"
            stroke={look.leaf}
            strokeWidth={2}
          />
        ))}
        <Path d={dome(heights)} fill={look.enamel} stroke={look.rim} strokeWidth={1.8} />
        {ripe.map(([a, b]) => (
          <Path
            key={`ripe ${a}`}
            d={dome(heights.filter(([at]) => at >= a && at <= b))}
            fill={look.canopy}
          />
        ))}
        {seen.map(([at, height]) => (
          <Circle
            key={at}
            cx={x(at)}
            cy={y(height)}
            r={3.6}
            fill={look.beet}
            stroke={look.enamel}
            strokeWidth={1.2}
          />
        ))}
        {now !== undefined && (
          <Line
            x1={x(now)}
            x2={x(now)}
            y1={2}
            y2={BASE}
            stroke={look.ink}
            strokeWidth={2}
            strokeDasharray="3 3"
          />
        )}
        <Line x1={0} x2={width} y1={BASE} y2={BASE} stroke={look.rim} strokeWidth={2} />
        {steps.map((step, i) => (
          <Path
            key={`${step.at} ${i}`}
            // Whole at the edges too.
            d={`M${Math.min(width - MARK, Math.max(MARK, x(step.at)))} ${BASE + 3}l5 8h-10z`}
            fill={step.main ? look.ink : 'none'}
            stroke={look.ink}
            strokeWidth={1.4}
          />
        ))}
        {apartEnough(days, (day) => x(day.at), drawnType(DAY_WIDTH, scale)).map((day) => (
          <SvgText
            key={day.at}
            x={Math.max(0, x(day.at)) + 2}
            y={HEIGHT - 2}
            fontSize={drawnType(11.5, scale)}
            fontFamily={TEXT_FONT}
            fill={look.quiet}
          >
            {day.text}
          </SvgText>
        ))}
      </Plot>
      {width > 0 &&
        wanted.map((window) => (
          <WantedGrip
            key={window.id}
            wanted={window}
            x={x((window.from + window.until) / 2)}
            width={width}
            msPerPixel={(until - from) / width}
          />
        ))}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { overflow: 'hidden' },
});
