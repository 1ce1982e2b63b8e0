import { line, area, curveMonotoneX } from 'd3-shape';
import { StyleSheet } from 'react-native';
import { useId } from 'react';
import { Circle, ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';

import { TEXT_FONT, useLook } from './look';
import { drawnType, useTextScale } from './textScale';
import { Plot, usePlotWidth } from './Plot';
import { apartEnough } from './apartEnough';
import { highestOfEach } from './highestOfEach';

/** A point of the height curve with its width; hours from the feed, heights against the band. */
export interface CanopyPoint {
  readonly hours: number;
  readonly height: number;
  readonly low: number;
  readonly high: number;
}

export interface CanopyProps {
  readonly points: readonly CanopyPoint[];
  readonly ripe: { readonly from: number; readonly until: number } | null;
  readonly looks: readonly { readonly hours: number; readonly height: number }[];
  /** Hours of now, and the words of its time. */
  readonly now: { readonly hours: number; readonly text: string };
  /** The height of a full rise, and its name: flours have their own measure. */
  readonly fullRise: { readonly height: number; readonly name: string };
  /** What is written along the bottom. */
  readonly ticks: readonly { readonly hours: number; readonly text: string }[];
  readonly until: number;
  readonly height?: number;
  /** The whole chart in a sentence. */
  readonly label: string;
}

/** "+ 60 %, a full rise" and "+ 50 %" with some air, px. */
const LONG_NAME = 126;
const NAME = 52;
/** Lines are so far apart that their names do not touch, px. */
const NAME_HEIGHT = 16;

const MARGIN = { left: 6, right: 6, top: 18, bottom: 46 } as const;

/** A feed's forecast as a canopy: a dome over the hours with its ribs, the ripe window as its bright panel. */
export function Canopy({
  points,
  ripe,
  looks,
  now,
  fullRise,
  ticks,
  until,
  height = 236,
  label,
}: CanopyProps) {
  const look = useLook();
  const scale = useTextScale();
  const clip = useId();
  const across = usePlotWidth();
  const { width } = across;
  const shown = highestOfEach(
    points.filter((point) => point.hours <= until + 1e-6),
    until / Math.max(1, width),
  );
  const highest = Math.max(
    2.3,
    ...shown.map((point) => point.high),
    ...looks.map((point) => point.height),
  );
  const base = height - MARGIN.bottom;
  const x = (hours: number) => MARGIN.left + (hours / until) * (width - MARGIN.left - MARGIN.right);
  const y = (ratio: number) => base - ((ratio - 1) / (highest - 1)) * (base - MARGIN.top);
  const curve =
    line<CanopyPoint>(
      (p) => x(p.hours),
      (p) => y(Math.max(1, p.height)),
    ).curve(curveMonotoneX)(shown) ?? '';
  const spread =
    area<CanopyPoint>(
      (p) => x(p.hours),
      (p) => y(Math.max(1, p.low)),
      (p) => y(Math.max(1, p.high)),
    ).curve(curveMonotoneX)(smoothed(shown)) ?? '';
  const apart = highest > 2.8 ? 1 : 0.5;
  const others = Array.from(
    { length: Math.floor((highest - 1) / apart) },
    (_, i) => 1 + (i + 1) * apart,
  ).filter((height) => Math.abs(y(height) - y(fullRise.height)) > NAME_HEIGHT);
  const rises = [...others, fullRise.height].filter((height) => y(height) > MARGIN.top + 4);
  const under =
    area<CanopyPoint>(
      (p) => x(p.hours),
      base,
      (p) => y(Math.max(1, p.height)),
    ).curve(curveMonotoneX)(shown) ?? '';
  const apex = shown.reduce(
    (best, p) => (p.height > best.height ? p : best),
    shown[0] ?? { hours: 0, height: 1, low: 1, high: 1 },
  );
  const nowX = x(Math.min(now.hours, until));
  /** A height is named where the dome is not: at the left if its name fits there, else on the side with more room. */
  const placeOf = (of: number) => {
    const above = shown.filter((point) => point.high >= of);
    const [first, last] = [above[0], above.at(-1)];
    const left = first ? x(first.hours) : width;
    const right = last ? width - x(last.hours) : width;
    const name = of === fullRise.height ? LONG_NAME : NAME;
    const atLeft = left > MARGIN.left + name || left >= right;
    // The line of now would go through it there.
    const struck = nowX < MARGIN.left + name && right > name;
    if (atLeft && !struck) return { x: MARGIN.left, textAnchor: 'start' as const };
    // A name that the line of now would cross ends before it, where there is room.
    const end = width - MARGIN.right;
    const crossed = now.hours <= until && nowX > end - name && nowX - name > width - right;
    return { x: crossed ? nowX - 4 : end, textAnchor: 'end' as const };
  };
  return (
    <Plot label={label} height={height} across={across} style={styles.box} opens>
      <Defs>
        <ClipPath id={clip}>
          <Path d={under} />
        </ClipPath>
      </Defs>
      <Path d={spread} fill={look.mist} />
      <G clipPath={`url(#${clip})`}>
        {ripe && (
          <Rect
            x={x(ripe.from)}
            y={0}
            width={Math.max(0, x(Math.min(ripe.until, until)) - x(ripe.from))}
            height={base}
            fill={look.canopy}
          />
        )}
        {ticks.map((tick) => (
          <Path
            key={tick.hours}
            d={`M${x(apex.hours)} ${y(apex.height)}Q${x(tick.hours) + (x(apex.hours) - x(tick.hours)) * 0.25} ${y(apex.height) + (base - y(apex.height)) * 0.35} ${x(tick.hours)} ${base}`}
            fill="none"
            stroke={look.rim}
            strokeOpacity={0.5}
            strokeWidth={1}
          />
        ))}
      </G>
      {/* Its edge over the yellow, so that it is seen there too. */}
      <Path d={spread} fill="none" stroke={look.rim} strokeOpacity={0.55} strokeWidth={1} />
      {rises.map((height) => (
        <G key={height}>
          <Line
            x1={MARGIN.left}
            x2={width - MARGIN.right}
            y1={y(height)}
            y2={y(height)}
            stroke={look.quiet}
            strokeWidth={1}
            strokeDasharray="2 5"
          />
          <SvgText
            {...placeOf(height)}
            y={y(height) - 4}
            fontSize={drawnType(12, scale)}
            fontFamily={TEXT_FONT}
            fill={look.quiet}
          >
            {`+ ${Math.round((height - 1) * 100)} %${height === fullRise.height ? `, ${fullRise.name}` : ''}`}
          </SvgText>
        </G>
      ))}
      <Path d={curve} fill="none" stroke={look.rim} strokeWidth={2.5} strokeLinejoin="round" />
      <Path
        d={scallops(
          ticks.map((tick) => x(tick.hours)),
          x(0),
          x(until),
          base,
        )}
        fill="none"
        stroke={look.rim}
        strokeWidth={2}
      />
      {looks.map((seen) => (
        <Circle
          key={seen.hours}
          cx={x(seen.hours)}
          cy={y(Math.max(1, seen.height))}
          r={5}
          fill={look.enamel}
          stroke={look.beet}
          strokeWidth={2.5}
        />
      ))}
      {now.hours <= until && (
        <Path
          d={`M${nowX} ${MARGIN.top - 8}V${base + 9}a6 6 0 0 1 -12 0`}
          fill="none"
          stroke={look.ink}
          strokeWidth={2.5}
          strokeLinecap="round"
        />
      )}
      {apartEnough(ticks, (tick) => x(tick.hours), LABEL_WIDTH).map((tick) => (
        <SvgText
          key={tick.hours}
          x={Math.min(width - MARGIN.right, Math.max(MARGIN.left, x(tick.hours)))}
          y={base + 40}
          textAnchor={anchorAt(x(tick.hours), width)}
          fontSize={drawnType(12.5, scale)}
          fontFamily={TEXT_FONT}
          fill={look.quiet}
        >
          {tick.text}
        </SvgText>
      ))}
      {now.hours <= until && (
        <SvgText
          x={nowX > width - 90 ? nowX - 20 : nowX + 7}
          textAnchor={nowX > width - 90 ? 'end' : 'start'}
          y={base + 22}
          fontSize={drawnType(12.5, scale)}
          fontWeight="700"
          fontFamily={TEXT_FONT}
          fill={look.ink}
        >
          {now.text}
        </SvgText>
      )}
    </Plot>
  );
}

/** Each bound as the mean of what lies around it: few draws make it, and their steps mean nothing. */
function smoothed(points: readonly CanopyPoint[]): readonly CanopyPoint[] {
  const reach = Math.max(2, Math.round(points.length / 24));
  const mean = (i: number, of: 'low' | 'high') => {
    let sum = 0;
    let weight = 0;
    for (let k = -reach; k <= reach; k++) {
      const point = points[i + k];
      if (!point) continue;
      sum += (reach + 1 - Math.abs(k)) * point[of];
      weight += reach + 1 - Math.abs(k);
    }
    return sum / weight;
  };
  return points.map((point, i) => ({
    ...point,
    low: Math.min(point.height, mean(i, 'low')),
    high: Math.max(point.height, mean(i, 'high')),
  }));
}

/** The longest label along the bottom with some air, px. */
const LABEL_WIDTH = 56;

/** Keeps a label inside the chart: half of the longest is about this wide. */
function anchorAt(at: number, width: number): 'start' | 'middle' | 'end' {
  if (at < 36) return 'start';
  return at > width - 36 ? 'end' : 'middle';
}

/** The hem of the canopy: an arc from rib to rib. */
function scallops(ribs: readonly number[], from: number, to: number, base: number): string {
  const stops = [from, ...ribs.filter((rib) => rib > from + 4 && rib < to - 4), to];
  return stops
    .slice(1)
    .map((stop, i) => {
      const before = stops[i]!;
      return `M${before} ${base}Q${(before + stop) / 2} ${base - 7} ${stop} ${base}`;
    })
    .join('');
}

const styles = StyleSheet.create({
  box: { alignSelf: 'stretch' },
});
