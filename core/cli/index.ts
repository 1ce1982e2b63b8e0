/** The core as commands that turn JSON into JSON, for scripts, checks and reports. */
export { forecastCommand } from './forecastCommand';
export { rateCommand } from './rateCommand';
