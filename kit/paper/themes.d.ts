declare module 'react-native-paper/lib/module/styles/themes/v3/LightTheme' {
  import { type MD3Theme } from 'react-native-paper';
  export const MD3LightTheme: MD3Theme;
}
declare module 'react-native-paper/lib/module/styles/themes/v3/DarkTheme' {
  import { type MD3Theme } from 'react-native-paper';
  export const MD3DarkTheme: MD3Theme;
}
