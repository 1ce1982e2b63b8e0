import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';

import { type Liquid } from '@core/journal';

import { JAR_BOX, JarDrawing, jarY } from './JarDrawing';
import { type JarPicture } from './jarPicture';
import { useLook } from './look';

/** What a jar can show that it should not, or need not. */
export type JarSign =
  | 'nothing'
  | 'liquid'
  | 'skin'
  | 'tinge'
  | 'film'
  | 'fuzz'
  | 'spots'
  | 'streaks'
  | 'foreign'
  | 'clear'
  | 'grey'
  | 'dark'
  | 'coloured';

/** A jar half full, as an example to compare with. */
const PLAIN: JarPicture = {
  band: 0.3,
  surface: 0.46,
  dome: 0,
  streaksTo: 0,
  bubbling: 0.22,
  liquid: 'none',
  flour: { white: 0.8, wholeWheat: 0.2 },
  taper: 1,
};

const LIQUID_OF: Readonly<Partial<Record<JarSign, Liquid>>> = {
  liquid: 'grey',
  clear: 'clear',
  grey: 'grey',
  dark: 'dark',
};

/** Colours of what grows and runs where it should not; the same in both themes, for they are drawn on the jar. */
const MOULD = ['#3F7A52', '#2C2C30', '#3E6FA0', '#FFFFFF'] as const;
const ROSE = '#D2607E';
/** Rye and buckwheat, stood a while. */
const MAUVE = '#8A6A78';

/** The part of the drawing that is shown, in its own units: from which y, and how much. */
const SHOWN_FROM = 62;
const SHOWN = 84;

/** An example jar with one sign, drawn: what to look for. */
export function SignDrawing({ sign, width }: { readonly sign: JarSign; readonly width: number }) {
  const liquid: Liquid = LIQUID_OF[sign] ?? 'none';
  const picture = {
    ...PLAIN,
    liquid,
    ...(sign === 'nothing' ? { surface: 0.62, dome: 0.03, bubbling: 0.7 } : {}),
  };
  const height = (width * JAR_BOX.height) / JAR_BOX.width;
  // What matters is at the surface: the jar is shown from a little above it.
  const top = (width * SHOWN_FROM) / JAR_BOX.width;
  return (
    <View style={[styles.box, { width, height: (width * SHOWN) / JAR_BOX.width }]} aria-hidden>
      <View style={{ marginTop: -top }}>
        <JarDrawing picture={picture} width={width} />
      </View>
      <Svg
        width={width}
        height={height}
        viewBox={`0 0 ${JAR_BOX.width} ${JAR_BOX.height}`}
        style={{ position: 'absolute', left: 0, top: -top }}
      >
        <Overlay sign={sign} y={jarY(picture.surface)} />
      </Svg>
    </View>
  );
}

function Overlay({ sign, y }: { readonly sign: JarSign; readonly y: number }) {
  const look = useLook();
  switch (sign) {
    case 'skin':
      return (
        <Path
          d={`M10 ${y}q10-4 20 0t20 0 20 0 20 0v6q-10 3-20 0t-20 0-20 0-20 0z`}
          fill="#8F8876"
          stroke="#5F5A4C"
          strokeWidth={1.4}
        />
      );
    case 'film':
      return (
        <G stroke="#6B665A" strokeWidth={1.3} fill="#FBF8EF">
          <Path d={`M10 ${y - 2}q6-4 12 0t12 0 12 0 12 0 12 0 12 0 8 0v6H10z`} />
          <Path d={`M20 ${y + 1}l8 2M40 ${y + 2}l9-2M62 ${y}l8 3`} />
        </G>
      );
    case 'fuzz':
      return (
        <G stroke={MOULD[0]} strokeWidth={1.8} strokeLinecap="round">
          {[18, 22, 26, 30, 34, 58, 62, 66, 70, 74].map((x, i) => (
            <Line
              key={x}
              x1={x}
              y1={y + 1}
              x2={x + ((i * 5) % 7) - 3}
              y2={y - 11 - ((i * 3) % 6)}
            />
          ))}
        </G>
      );
    case 'spots':
      return (
        <G stroke={look.onCanopy} strokeWidth={0.8}>
          {MOULD.map((colour, i) => (
            <Circle key={colour} cx={20 + i * 20} cy={y + 4 + (i % 2) * 7} r={4.6} fill={colour} />
          ))}
        </G>
      );
    case 'tinge':
      return <Path d={`M9 ${y}h82v60H9z`} fill={MAUVE} opacity={0.55} />;
    case 'streaks':
      return (
        <G stroke={ROSE} strokeWidth={4} strokeLinecap="round" fill="none">
          <Path d={`M28 ${y + 4}q-6 14 3 26t-2 24`} />
          <Path d={`M62 ${y + 6}q7 12 0 24t4 22`} stroke="#DB8138" />
        </G>
      );
    case 'foreign':
      return (
        <G stroke={look.onCanopy} strokeWidth={1.6}>
          <Path d={`M30 ${y - 3}l9 14-15-3z`} fill="#CFE3EA" />
          <Path
            d={`M60 ${y + 2}c0-9 14-9 14 0s-14 9-14 0zM62 ${y - 3}l-6-5M72 ${y - 3}l6-5M61 ${y + 5}l-7 4M73 ${y + 5}l7 4`}
            fill="#5B4632"
          />
        </G>
      );
    case 'coloured':
      return <Path d={`M9 ${y - 2}h82v9H9z`} fill={ROSE} />;
    case 'nothing':
    case 'liquid':
    case 'clear':
    case 'grey':
    case 'dark':
      return null;
  }
}

const styles = StyleSheet.create({
  box: { overflow: 'hidden' },
});
