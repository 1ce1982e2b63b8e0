/** The path under a host that the export is to live at, `/bread`; nothing for the root. */
const base = (process.env.BASE_PATH ?? '').replace(/\/+$/, '');

module.exports = {
  expo: {
    name: 'Ombrello',
    slug: 'ombrello',
    scheme: 'ombrello',
    version: '0.1.0',
    platforms: ['web'],
    userInterfaceStyle: 'automatic',
    web: { bundler: 'metro', output: 'single' },
    plugins: [['expo-router', { sitemap: false }]],
    ...(base ? { experiments: { baseUrl: base } } : {}),
  },
};
