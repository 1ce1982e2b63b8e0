/** A jar's card: adding a starter, changing it. Apart from the pane, because the first screen does not need it. */
export { AddJarScreen } from './AddJarScreen';
export { EditJarScreen } from './EditJarScreen';
