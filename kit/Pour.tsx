import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useId } from 'react';

import { type Blend } from '@core/measure';

import { JAR_BOX, jarY } from './JarDrawing';
import { flourColour } from './jarPicture';
import { TEXT_FONT, useLook } from './look';

/** A layer of the pour: what it is, how much, and whether it is in the jar, on its way, or to come. */
export interface PourLayer {
  readonly kind: 'keep' | 'water' | 'flour';
  readonly text: string;
  /** Share of the jar it takes. */
  readonly share: number;
  readonly state: 'in' | 'now' | 'next';
}

/** The jar at the bench, filling layer by layer; what is still to come is drawn dashed. */
export function Pour({
  layers,
  flour,
  width,
}: {
  readonly layers: readonly PourLayer[];
  readonly flour: Blend;
  readonly width: number;
}) {
  const look = useLook();
  const clip = useId();
  const fills = {
    keep: flourColour(flour),
    water: look.rainPale,
    flour: flourColour({ ...flour, white: 4 }),
  };
  const { left, right, floor } = JAR_BOX;
  const inner = right - left;
  const stacked = layers.map((layer, i) => {
    const below = layers.slice(0, i).reduce((sum, l) => sum + l.share, 0);
    return {
      ...layer,
      bottom: jarY(Math.min(1, below)),
      top: jarY(Math.min(1, below + layer.share)),
    };
  });
  // What has just come in is seen to pour; index.html has the motion, and none for who wants none.
  const lastIn = stacked.findLast(({ state }) => state === 'in');
  const third = jarY(1 / 3);
  return (
    <Svg
      width={width}
      height={(width * JAR_BOX.height) / JAR_BOX.width}
      viewBox={`0 0 ${JAR_BOX.width} ${JAR_BOX.height}`}
      aria-hidden
    >
      <Defs>
        <ClipPath id={clip}>
          <Path
            d={`M${left} 20V${floor - 9}Q${left} ${floor} ${left + 9} ${floor}H${right - 9}Q${right} ${floor} ${right} ${floor - 9}V20Z`}
          />
        </ClipPath>
      </Defs>
      <Rect
        x={6}
        y={18}
        width={88}
        height={149}
        rx={15}
        fill={look.glass}
        stroke={look.rim}
        strokeWidth={2.4}
      />
      <G clipPath={`url(#${clip})`}>
        {stacked.map((layer) =>
          layer.state === 'in' ? (
            <Rect
              key={layer.kind}
              {...(layer === lastIn ? { id: `pours ${clip}` } : {})}
              x={left}
              y={layer.top}
              width={inner}
              height={layer.bottom - layer.top}
              fill={fills[layer.kind]}
            />
          ) : (
            <Rect
              key={layer.kind}
              x={left + 1}
              y={layer.top}
              width={inner - 2}
              height={Math.max(0, layer.bottom - layer.top)}
              fill={layer.state === 'now' ? fills[layer.kind] : 'none'}
              fillOpacity={0.35}
              stroke={look.quiet}
              strokeWidth={1}
              strokeDasharray="2.5 2.5"
            />
          ),
        )}
      </G>
      <Rect
        x={7}
        y={6}
        width={86}
        height={12}
        rx={4}
        fill={look.enamel}
        stroke={look.rim}
        strokeWidth={2.4}
      />
      {stacked.map((layer) => (
        <SvgText
          key={layer.kind}
          x={50}
          y={(layer.top + layer.bottom) / 2 + 3.5}
          textAnchor="middle"
          fontSize={10}
          fontWeight={layer.state === 'now' ? '700' : '400'}
          fontFamily={TEXT_FONT}
          fill={layer.state === 'in' && layer.kind !== 'water' ? '#14233A' : look.ink}
        >
          {layer.bottom - layer.top > 11 ? layer.text : ''}
        </SvgText>
      ))}
      <Line
        x1={4}
        x2={96}
        y1={third}
        y2={third}
        stroke={look.beet}
        strokeWidth={1}
        strokeDasharray="1.5 2.5"
      />
      <SvgText
        x={right - 2}
        y={third - 2.5}
        textAnchor="end"
        fontSize={9}
        fontFamily={TEXT_FONT}
        fill={look.beet}
      >
        a third
      </SvgText>
    </Svg>
  );
}
