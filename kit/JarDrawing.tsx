import { useId } from 'react';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';

import { BUBBLE_SPOTS, type JarPicture, flourColour } from './jarPicture';
import { useLook } from './look';

/** The drawing's own units; the inside of the glass runs from FLOOR up to BRIM. */
export const JAR_BOX = {
  width: 100,
  height: 172,
  floor: 164,
  brim: 26,
  left: 9,
  right: 91,
} as const;

/** The y of a share of the inner height, in the drawing's units. */
export const jarY = (share: number): number =>
  JAR_BOX.floor - share * (JAR_BOX.floor - JAR_BOX.brim);

const LIQUID_COLOURS = {
  none: 'none',
  clear: '#D9D2B8',
  grey: '#8F8F92',
  dark: '#4A4650',
} as const;

/** A jar as it should look: level against the band, dome or slump, bubbles, streaks, liquid. */
export function JarDrawing({
  picture,
  width,
}: {
  readonly picture: JarPicture;
  readonly width: number;
}) {
  const look = useLook();
  const clip = useId();
  const { floor } = JAR_BOX;
  const edge = jarY(picture.surface);
  const middle = jarY(picture.surface + 2 * picture.dome);
  const { left, right } = insideAt(picture.taper, edge);
  const base = insideAt(picture.taper, floor);
  const content = `M${left} ${edge}Q50 ${middle} ${right} ${edge}L${base.right} ${floor - 9}Q${base.right} ${floor} ${base.right - 9} ${floor}H${base.left + 9}Q${base.left} ${floor} ${base.left} ${floor - 9}Z`;
  const band = insideAt(picture.taper, jarY(picture.band));
  const colour = flourColour(picture.flour);
  const bubbles = BUBBLE_SPOTS.slice(0, Math.round(picture.bubbling * BUBBLE_SPOTS.length));
  const liquidDepth = picture.liquid === 'none' ? 0 : 7;
  return (
    <Svg
      width={width}
      height={(width * JAR_BOX.height) / JAR_BOX.width}
      viewBox={`0 0 ${JAR_BOX.width} ${JAR_BOX.height}`}
      aria-hidden
    >
      <Defs>
        <ClipPath id={clip}>
          <Path d={content} />
        </ClipPath>
      </Defs>
      <Path
        testID="lasting"
        d={glassOf(picture.taper)}
        fill={look.glass}
        stroke={look.rim}
        strokeWidth={3}
      />
      {picture.streaksTo > picture.surface + 0.02 && (
        <Streaks top={jarY(picture.streaksTo)} bottom={edge} colour={colour} />
      )}
      <Path d={content} fill={colour} />
      <G clipPath={`url(#${clip})`}>
        {bubbles.map(([across, up, size], i) => {
          const y = floor - 6 - up * (floor - edge - 8);
          return (
            <Circle
              key={i}
              cx={left + 5 + across * (right - left - 10)}
              cy={y}
              r={0.9 + size * (1.2 + 2.6 * picture.bubbling)}
              fill="#FFF8EA"
              fillOpacity={0.8}
              stroke="#A98D5F"
              strokeOpacity={0.55}
              strokeWidth={0.7}
            />
          );
        })}
        {liquidDepth > 0 && (
          <Rect
            x={left}
            y={edge - 2}
            width={right - left}
            height={liquidDepth + 2}
            fill={LIQUID_COLOURS[picture.liquid]}
          />
        )}
      </G>
      <Line
        x1={band.left - 4}
        x2={band.right + 4}
        y1={jarY(picture.band)}
        y2={jarY(picture.band)}
        stroke={look.beet}
        strokeWidth={3.6}
        strokeLinecap="round"
      />
      <Rect
        testID="lasting"
        x={7}
        y={6}
        width={86}
        height={12}
        rx={4}
        fill={look.enamel}
        stroke={look.rim}
        strokeWidth={3}
      />
    </Svg>
  );
}

/** The inside of the glass at a y of the drawing, left and right: narrower below in a jar that widens upward. */
function insideAt(taper: number, y: number): { readonly left: number; readonly right: number } {
  const { floor, brim, left, right } = JAR_BOX;
  const height = Math.min(1, Math.max(0, (floor - y) / (floor - brim)));
  const half = (((right - left) / 2) * (taper + (1 - taper) * height)) / Math.max(1, taper);
  return { left: 50 - half, right: 50 + half };
}

/** The outline of the glass: 3 outside of the inside, with round corners. */
function glassOf(taper: number): string {
  const top = insideAt(taper, JAR_BOX.brim);
  const base = insideAt(taper, JAR_BOX.floor);
  const r = 15;
  const [tl, tr, bl, br] = [top.left - 3, top.right + 3, base.left - 3, base.right + 3];
  return `M${tl + r} 18H${tr - r}Q${tr} 18 ${tr} ${18 + r}L${br} ${167 - r}Q${br} 167 ${br - r} 167H${bl + r}Q${bl} 167 ${bl} ${167 - r}L${tl} ${18 + r}Q${tl} 18 ${tl + r} 18Z`;
}

/** What runs down the glass where the starter has been. */
function Streaks({
  top,
  bottom,
  colour,
}: {
  readonly top: number;
  readonly bottom: number;
  readonly colour: string;
}) {
  return (
    <>
      <Rect
        x={JAR_BOX.left}
        y={top}
        width={JAR_BOX.right - JAR_BOX.left}
        height={bottom - top}
        fill={colour}
        fillOpacity={0.18}
      />
      {[14, 21, 29, 36, 46, 55, 61, 70, 78, 86].map((x, i) => (
        <Line
          key={x}
          x1={x}
          x2={x}
          y1={top + ((i * 37) % 10)}
          y2={bottom + 3}
          stroke={colour}
          strokeWidth={i % 3 === 0 ? 3 : 1.6}
          strokeOpacity={0.7}
          strokeLinecap="round"
        />
      ))}
    </>
  );
}
