/**
 * The look: colours, type, and the drawings that only this kitchen has. What only pages need that are fetched late is named by
 * its own file there (`@kit/PaintGrid`): here it would come with the first page.
 */
export * from './ActionRow';
export * from './Amounts';
export * from './Canopy';
export * from './Choice';
export * from './Choices';
export * from './Field';
export * from './dates/dateStyle';
export * from './dates/MomentField';
export * from './ForetoldPlot';
export * from './Folded';
export { FootContext } from './foot';
export * from './FieldRow';
export { default as Icon } from './Icon';
export type { IconName } from './iconPaths';
export * from './JarDrawing';
export * from './jarPicture';
export * from './later';
export * from './LinkArea';
export * from './look';
export * from './LookProvider';
export * from './Notice';
export * from './NumberField';
export * from './numberText';
export * from './useTyped';
export * from './Page';
export * from './PageTitle';
export * from './Panel';
export * from './platform';
export * from './Pour';
export * from './Button';
export * from './Sheet';
export * from './Progress';
export * from './textScale';
export * from './TouchArea';
export * from './UmbrellaMark';
export * from './UndoBar';
export type { WantedWindow } from './WantedGrip';
export * from './WeekCanopy';
export * from './useBack';
export * from './useRestingText';
export * from './Words';
