export { WhatIfScreen } from './WhatIfScreen';
