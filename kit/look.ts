import { createContext, useContext } from 'react';

/** The colours of one theme: enamelware, flat panels with a dark-blue rim, and one bright canopy. */
export interface Look {
  readonly dark: boolean;
  /** The page. */
  readonly ground: string;
  /** Panels. */
  readonly enamel: string;
  readonly ink: string;
  /** Text of second rank; still 4.5 to 1 on ground and enamel. */
  readonly quiet: string;
  /** Outlines, controls, links. */
  readonly rim: string;
  /** Hairlines inside a panel. */
  readonly seam: string;
  /** Ripe, and the one main action; always with `onCanopy` text. */
  readonly canopy: string;
  readonly onCanopy: string;
  /** Cold, asleep, water. */
  readonly rain: string;
  readonly rainPale: string;
  /** Flour, hungry. */
  readonly crust: string;
  /** Well, done. */
  readonly leaf: string;
  /** Danger, throw out. */
  readonly beet: string;
  /** Glass of a jar, and the outer canopy of what is uncertain. */
  readonly glass: string;
  readonly mist: string;
  /** What lies over the page behind a sheet. */
  readonly shade: string;
}

export const LIGHT: Look = {
  dark: false,
  ground: '#E9EFEF',
  enamel: '#FFFFFF',
  ink: '#14233A',
  quiet: '#46566E',
  rim: '#23407A',
  seam: '#CBD6DE',
  canopy: '#F5B91E',
  onCanopy: '#14233A',
  rain: '#2B68A6',
  rainPale: '#BFD6EE',
  crust: '#8B5A2E',
  leaf: '#2E7048',
  beet: '#A3243B',
  glass: '#FFFFFF',
  mist: '#DCE5F0',
  shade: '#14233A8C',
};

export const DARK: Look = {
  dark: true,
  ground: '#0E1826',
  enamel: '#17253A',
  ink: '#EAF0F6',
  quiet: '#A9B9CE',
  rim: '#7FA0DA',
  seam: '#33476A',
  canopy: '#F5B91E',
  onCanopy: '#14233A',
  rain: '#7DB4E8',
  rainPale: '#2C4E75',
  crust: '#D5A679',
  leaf: '#7CC396',
  beet: '#F08A9B',
  glass: '#22344F',
  mist: '#2A3D5C',
  shade: '#000000B0',
};

export const LookContext = createContext<Look>(LIGHT);

/** The colours of the theme in force. */
export const useLook = (): Look => useContext(LookContext);

export const HEADING_FONT = "'Bricolage Grotesque Variable', system-ui, sans-serif";
export const TEXT_FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** Corners of panels and controls, and the rim around them. */
export const RADIUS = 14;
export const RIM = 2;
/** Least height of what is touched, and at the bench with floury hands. */
export const TOUCH = 48;
export const BENCH_TOUCH = 72;
/** From here on there is room for a rail and two panes. */
export const WIDE = 900;
