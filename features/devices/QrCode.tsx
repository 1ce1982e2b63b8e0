import QRCode from 'qrcode';
import { useMemo } from 'react';
import Svg, { Path, Rect } from 'react-native-svg';

/** Modules of quiet around a code, as readers want them. */
const QUIET = 4;

/** A text for a camera to read; dark on light in both themes, or many cameras cannot. */
export function QrCode({
  text,
  size,
  label,
}: {
  readonly text: string;
  readonly size: number;
  readonly label: string;
}) {
  const { modules, path } = useMemo(() => {
    const { modules: found } = QRCode.create(text, { errorCorrectionLevel: 'M' });
    let drawn = '';
    for (let row = 0; row < found.size; row++)
      for (let column = 0; column < found.size; column++)
        if (found.get(row, column)) drawn += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
    return { modules: found.size + 2 * QUIET, path: drawn };
  }, [text]);
  return (
    <Svg
      width={size}
      height={size}
      viewBox={`0 0 ${modules} ${modules}`}
      role="img"
      aria-label={label}
    >
      <Rect width={modules} height={modules} fill="white" />
      <Path d={path} fill="black" />
    </Svg>
  );
}
