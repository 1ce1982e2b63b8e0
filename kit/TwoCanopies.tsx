import { curveMonotoneX, line } from 'd3-shape';
import { Circle, Line, Path, Text as SvgText } from 'react-native-svg';

import { TEXT_FONT, useLook } from './look';
import { drawnType, useTextScale } from './textScale';
import { Plot, usePlotWidth } from './Plot';

type Point = readonly [hours: number, height: number];

/** One of two feeds: its name, its heights from the feed on, and what was seen. */
export interface CanopyLine {
  readonly name: string;
  readonly heights: readonly Point[];
  readonly looks: readonly Point[];
}

const HEIGHT = 230;
const MARGIN = { left: 8, right: 8, top: 26, bottom: 30 } as const;

/** Two canopies over the same hours: the first drawn through, the second dashed. */
export function TwoCanopies({
  lines,
  until,
  label,
}: {
  readonly lines: readonly [CanopyLine, CanopyLine];
  readonly until: number;
  readonly label: string;
}) {
  const look = useLook();
  const scale = useTextScale();
  const across = usePlotWidth();
  const { width } = across;
  const shown = lines.map(({ heights }) => heights.filter(([hours]) => hours <= until));
  const highest = Math.max(
    2.2,
    ...shown.flat().map(([, height]) => height),
    ...lines.flatMap(({ looks }) => looks.map(([, height]) => height)),
  );
  const base = HEIGHT - MARGIN.bottom;
  const x = (hours: number) => MARGIN.left + (hours / until) * (width - MARGIN.left - MARGIN.right);
  const y = (height: number) => base - ((height - 1) / (highest - 1)) * (base - MARGIN.top);
  const styles = [
    { stroke: look.rim, dash: undefined },
    { stroke: look.crust, dash: '7 5' },
  ] as const;
  const apart = [2, 3, 4, 6, 12, 24, 48].find((step) => until / step <= 6) ?? 96;
  const ticks = Array.from({ length: Math.floor(until / apart) }, (_, i) => (i + 1) * apart);
  return (
    <Plot label={label} height={HEIGHT} across={across}>
      <Line
        x1={MARGIN.left}
        x2={width - MARGIN.right}
        y1={y(2)}
        y2={y(2)}
        stroke={look.quiet}
        strokeDasharray="2 5"
      />
      {ticks.map((hours) => (
        <SvgText
          key={hours}
          x={Math.min(width - 16, x(hours))}
          y={HEIGHT - 8}
          textAnchor="middle"
          fontSize={drawnType(12.5, scale)}
          fontFamily={TEXT_FONT}
          fill={look.quiet}
        >
          {`${hours} h`}
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
      {lines.map(({ name }, i) => (
        <Path
          key={`curve ${name} ${i}`}
          d={
            line<Point>(
              ([hours]) => x(hours),
              ([, height]) => y(Math.max(1, height)),
            ).curve(curveMonotoneX)(shown[i]!) ?? ''
          }
          fill="none"
          stroke={styles[i]!.stroke}
          strokeWidth={2.8}
          {...(styles[i]!.dash ? { strokeDasharray: styles[i]!.dash } : {})}
        />
      ))}
      {lines.flatMap(({ looks }, i) =>
        looks.map(([hours, height]) => (
          <Circle
            key={`${i} ${hours}`}
            cx={x(hours)}
            cy={y(Math.max(1, height))}
            r={5}
            fill={i === 0 ? styles[0].stroke : look.enamel}
            stroke={styles[i]!.stroke}
            strokeWidth={2.5}
          />
        )),
      )}
      {lines.map(({ name }, i) => (
        <SvgText
          key={`name ${name} ${i}`}
          x={MARGIN.left + (i === 0 ? 0 : width - MARGIN.left - MARGIN.right)}
          y={14}
          textAnchor={i === 0 ? 'start' : 'end'}
          fontSize={drawnType(14, scale)}
          fontWeight="700"
          fontFamily={TEXT_FONT}
          fill={styles[i]!.stroke}
        >
          {i === 0 ? `— ${name}` : `${name} - -`}
        </SvgText>
      ))}
    </Plot>
  );
}
