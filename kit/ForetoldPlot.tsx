import { Circle, Line, Text as SvgText } from 'react-native-svg';

import { highest, lowest } from '@core/measure';

import { TEXT_FONT, useLook } from './look';
import { drawnType, useTextScale } from './textScale';
import { Plot, usePlotWidth } from './Plot';

const HEIGHT = 120;
const PAD = 14;

/** Peaks as they were foretold (bars) and as they were seen (dots), oldest first; hours after the feed. */
export function ForetoldPlot({
  peaks,
  label,
}: {
  readonly peaks: readonly {
    readonly expectedH: number;
    readonly low: number;
    readonly high: number;
    readonly seenH: number;
  }[];
  readonly label: string;
}) {
  const look = useLook();
  const scale = useTextScale();
  const across = usePlotWidth();
  const { width } = across;
  const from = lowest(peaks.map((p) => Math.min(p.low, p.seenH)));
  const to = highest(peaks.map((p) => Math.max(p.high, p.seenH)));
  const x = (i: number) => PAD + 26 + ((i + 0.5) * (width - 2 * PAD - 26)) / peaks.length;
  const y = (h: number) =>
    HEIGHT - PAD - ((h - from) / Math.max(0.5, to - from)) * (HEIGHT - 2 * PAD);
  const hours = [Math.ceil(from), Math.floor(to)].filter((h, i, all) => all.indexOf(h) === i);
  return (
    <Plot label={label} height={HEIGHT} across={across}>
      {hours.map((h) => (
        <SvgText
          key={h}
          x={0}
          y={y(h) + 4}
          fontSize={drawnType(12, scale)}
          fontFamily={TEXT_FONT}
          fill={look.quiet}
        >
          {`${h} h`}
        </SvgText>
      ))}
      {peaks.map((peak, i) => (
        <Line
          key={`bar-${i}`}
          x1={x(i)}
          x2={x(i)}
          y1={y(peak.low)}
          y2={y(peak.high)}
          stroke={look.dark ? look.rim : look.seam}
          strokeOpacity={look.dark ? 0.5 : 1}
          strokeWidth={9}
          strokeLinecap="round"
        />
      ))}
      {peaks.map((peak, i) => (
        <Circle
          key={`dot-${i}`}
          cx={x(i)}
          cy={y(peak.seenH)}
          r={4.5}
          fill={look.enamel}
          stroke={look.beet}
          strokeWidth={2.5}
        />
      ))}
    </Plot>
  );
}
