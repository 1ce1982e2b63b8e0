const { TestEnvironment } = require('jest-environment-jsdom');
const { inZone } = require('./zones');

module.exports = inZone(TestEnvironment);
