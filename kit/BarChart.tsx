import { StyleSheet, View } from 'react-native';
import { Line, Rect, Text as SvgText } from 'react-native-svg';

import { type Look, TEXT_FONT, useLook } from './look';
import { drawnType, useTextScale } from './textScale';
import { Plot, usePlotWidth } from './Plot';
import { Words } from './Words';

/** One bar in its parts, from below. */
export interface Bar {
  readonly name: string;
  readonly parts: readonly {
    readonly name: string;
    readonly tone: keyof Pick<Look, 'canopy' | 'rain' | 'leaf' | 'beet'>;
    readonly amount: number;
  }[];
}

const HEIGHT = 130;
const BASE = 108;
const TOP = 14;

/** Amounts side by side, each in its parts, with a legend in words. */
export function BarChart({
  label,
  bars,
  unit,
}: {
  readonly label: string;
  readonly bars: readonly Bar[];
  readonly unit: string;
}) {
  const look = useLook();
  const scale = useTextScale();
  const across = usePlotWidth();
  const { width } = across;
  const totals = bars.map(({ parts }) => parts.reduce((sum, { amount }) => sum + amount, 0));
  const most = Math.max(1, ...totals);
  const slot = width / Math.max(1, bars.length);
  const wide = Math.min(44, slot * 0.62);
  const facts = bars.map(
    ({ name, parts }, i) =>
      `${name} ${Math.round(totals[i]!)} ${unit}: ${parts.map((part) => `${part.name} ${Math.round(part.amount)}`).join(', ')}`,
  );
  return (
    <View style={styles.stack}>
      <Plot label={`${label}. ${facts.join('. ')}.`} height={HEIGHT} across={across}>
        {bars.map(({ name, parts }, i) => {
          const x = slot * i + (slot - wide) / 2;
          let y = BASE;
          return [
            ...parts.map((part) => {
              const high = ((BASE - TOP) * part.amount) / most;
              y -= high;
              return (
                <Rect
                  key={`${name} ${part.name}`}
                  x={x}
                  y={y}
                  width={wide}
                  height={high}
                  fill={look[part.tone]}
                  stroke={look.enamel}
                  strokeWidth={1}
                />
              );
            }),
            <SvgText
              key={name}
              x={x + wide / 2}
              y={HEIGHT - 5}
              fontSize={drawnType(12, scale)}
              fontFamily={TEXT_FONT}
              textAnchor="middle"
              fill={look.quiet}
            >
              {name}
            </SvgText>,
            <SvgText
              key={`${name} total`}
              x={x + wide / 2}
              y={y - 3}
              fontSize={drawnType(11, scale)}
              fontFamily={TEXT_FONT}
              textAnchor="middle"
              fill={look.ink}
            >
              {Math.round(totals[i]!)}
            </SvgText>,
          ];
        })}
        <Line x1={0} x2={width} y1={BASE} y2={BASE} stroke={look.rim} strokeWidth={2} />
      </Plot>
      <View style={styles.wrap}>
        {(bars[0]?.parts ?? []).map(({ name, tone }) => (
          <View key={name} style={styles.row}>
            <View style={[styles.box, { borderColor: look.rim, backgroundColor: look[tone] }]} />
            <Words size="small">{name}</Words>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 6 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 14, rowGap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 6 },
  box: { width: 13, height: 13, borderWidth: 1 },
});
