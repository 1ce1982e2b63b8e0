/** The bake: dough, bulk, and where its levain comes from. */
export { DoughScreen } from './DoughScreen';
