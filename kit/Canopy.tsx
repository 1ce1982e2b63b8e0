import { StyleSheet } from 'react-native';
import { useId } from 'react';
import { Circle, ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';

import {
  CANOPY_MARGIN,
  type CanopyGiven,
  type CanopyLayout,
  canopyLayout,
  hourLabels,
  scallops,
} from './canopyLayout';
import { TEXT_FONT, useLook } from './look';
import { Plot, usePlotWidth } from './Plot';
import { drawnType, useTextScale } from './textScale';

export interface CanopyProps extends CanopyGiven {
  readonly ripe: { readonly from: number; readonly until: number } | null;
  /** Hours of now, and the words of its time. */
  readonly now: { readonly hours: number; readonly text: string };
  /** The height of a full rise, and its name: flours have their own measure. */
  readonly fullRise: { readonly height: number; readonly name: string };
  /** What is written along the bottom. */
  readonly ticks: readonly { readonly hours: number; readonly text: string }[];
  readonly height?: number;
  /** The whole chart in a sentence. */
  readonly label: string;
}

/** A feed's forecast as a canopy: a dome over the hours with its ribs, the ripe window as its bright panel. */
export function Canopy({ ripe, ticks, height = 236, label, ...given }: CanopyProps) {
  const look = useLook();
  const across = usePlotWidth();
  const { looks, now, fullRise, until } = given;
  const layout = canopyLayout(given, { width: across.width, height });
  const { base, x, y } = layout;
  return (
    <Plot label={label} height={height} across={across} style={styles.box} opens>
      <Dome layout={layout} ripe={ripe} ticks={ticks} until={until} />
      <Rises layout={layout} fullRise={fullRise} />
      <Path
        d={layout.paths.dome}
        fill="none"
        stroke={look.rim}
        strokeWidth={2.5}
        strokeLinejoin="round"
      />
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
      <Hours layout={layout} ticks={ticks} />
      {now.hours <= until && <NowCrook layout={layout} text={now.text} />}
    </Plot>
  );
}

/** The spread of the rise, and under the dome its ripe panel and its ribs. */
function Dome({
  layout: { x, y, base, apex, paths },
  ripe,
  ticks,
  until,
}: Pick<CanopyProps, 'ripe' | 'ticks' | 'until'> & { readonly layout: CanopyLayout }) {
  const look = useLook();
  const clip = useId();
  return (
    <>
      <Defs>
        <ClipPath id={clip}>
          <Path d={paths.under} />
        </ClipPath>
      </Defs>
      <Path d={paths.spread} fill={look.mist} />
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
      <Path d={paths.spread} fill="none" stroke={look.rim} strokeOpacity={0.55} strokeWidth={1} />
    </>
  );
}

/** Lines at heights, with their names. */
function Rises({
  layout: { width, y, rises, placeOf },
  fullRise,
}: Pick<CanopyProps, 'fullRise'> & { readonly layout: CanopyLayout }) {
  const look = useLook();
  const scale = useTextScale();
  return rises.map((height) => (
    <G key={height}>
      <Line
        x1={CANOPY_MARGIN.left}
        x2={width - CANOPY_MARGIN.right}
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
  ));
}

/** The hours along the bottom, as many as have room. */
function Hours({
  layout: { width, base, x },
  ticks,
}: Pick<CanopyProps, 'ticks'> & { readonly layout: CanopyLayout }) {
  const look = useLook();
  const scale = useTextScale();
  const type = drawnType(12.5, scale);
  return hourLabels(ticks, x, width, type).map((tick) => (
    <SvgText
      key={tick.hours}
      x={tick.middle}
      y={base + 40}
      textAnchor="middle"
      fontSize={type}
      fontFamily={TEXT_FONT}
      fill={look.quiet}
    >
      {tick.text}
    </SvgText>
  ));
}

/** Now, as a line with the crook of an umbrella. */
function NowCrook({
  layout: { width, base, nowX },
  text,
}: {
  readonly layout: CanopyLayout;
  readonly text: string;
}) {
  const look = useLook();
  const scale = useTextScale();
  const isAtEnd = nowX > width - 90;
  return (
    <>
      <Path
        d={`M${nowX} ${CANOPY_MARGIN.top - 8}V${base + 9}a6 6 0 0 1 -12 0`}
        fill="none"
        stroke={look.ink}
        strokeWidth={2.5}
        strokeLinecap="round"
      />
      <SvgText
        x={isAtEnd ? nowX - 20 : nowX + 7}
        textAnchor={isAtEnd ? 'end' : 'start'}
        y={base + 22}
        fontSize={drawnType(12.5, scale)}
        fontWeight="700"
        fontFamily={TEXT_FONT}
        fill={look.ink}
      >
        {text}
      </SvgText>
    </>
  );
}

const styles = StyleSheet.create({
  box: { alignSelf: 'stretch' },
});
