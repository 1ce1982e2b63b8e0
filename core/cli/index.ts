/** The core as commands that turn JSON into JSON, for scripts, checks and reports. */
export { fitCommand } from './fitCommand';
export { forecastCommand } from './forecastCommand';
export { logCommand } from './logCommand';
export { planCommand } from './planCommand';
export { rateCommand } from './rateCommand';
