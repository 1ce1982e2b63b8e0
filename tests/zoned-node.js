const { TestEnvironment } = require('jest-environment-node');
const { inZone } = require('./zones');

module.exports = inZone(TestEnvironment);
