// npm run dev: Metro with fast refresh.
import { copyFonts } from './fonts.mjs';
import { installPackages, run } from './install.mjs';

await installPackages();
copyFonts();
run('npx', ['expo', 'start', '--web', '--port', process.env.PORT ?? '8081']);
