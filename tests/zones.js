/**
 * Local time and UTC are never the same in a test: each test file runs in one of three zones, one west, one east, one with
 * half an hour, by its name. ZONE_SHIFT=1 or 2 moves all of them on by one or two, so that three runs try each in every one.
 */
const ZONES = ['America/Los_Angeles', 'Pacific/Auckland', 'Asia/Kolkata'];

exports.zoneOf = (path) => {
  const sum = [...path.split('/').slice(-2).join('/')].reduce(
    (n, letter) => n + letter.charCodeAt(0),
    0,
  );
  return ZONES[(sum + Number(process.env.ZONE_SHIFT ?? 0)) % ZONES.length];
};

/** An environment of Jest whose tests live in their zone. */
exports.inZone = (Environment) =>
  class extends Environment {
    constructor(config, context) {
      process.env.TZ = exports.zoneOf(context.testPath);
      super(config, context);
    }
  };
