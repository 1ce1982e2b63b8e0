import { createServer } from 'node:http';
import path from 'node:path';

import { makeApp } from './app';

const wanted = Number(process.env.PORT ?? 4173);
const startWith = process.env.KITCHEN === 'demo' ? 'demo' : 'own';
const server = createServer(makeApp(path.resolve('dist'), startWith));

/** Takes the wanted port, or the next free one unless a port was asked for by name. */
function listen(port: number) {
  server.once('error', (error: NodeJS.ErrnoException) => {
    const next = error.code === 'EADDRINUSE' && !process.env.PORT && port < wanted + 50;
    if (!next) throw error;
    listen(port + 1);
  });
  server.listen(port, '127.0.0.1');
}

server.once('listening', () => {
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : wanted;
  console.log(`Ombrello is at http://127.0.0.1:${port}`);
});
listen(wanted);

function stop() {
  server.close(() => process.exit(0));
  server.closeAllConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
