import { createServer } from 'node:http';
import { networkInterfaces } from 'node:os';
import path from 'node:path';

import QRCode from 'qrcode';

import { isBuilt, makeApp } from './app';
import { makeHub } from './hub';
import { hubKey } from './hubKey';

/** Ports that are tried behind the usual one. */
const TRIED = 50;

const wanted = Number(process.env.PORT ?? 4173);
const host = String(process.env.HOST ?? '127.0.0.1');
const dist = path.resolve('dist');
if (!Number.isInteger(wanted) || wanted < 0 || wanted > 65_535)
  giveUp(`PORT is ${process.env.PORT}: it should be a number up to 65535.`);
if (!isBuilt(dist)) giveUp('There is nothing to serve yet: run `npm run build` first.');
const key = keyOrGiveUp();
const hub = makeHub(key);
const server = createServer(
  makeApp(dist, process.env.KITCHEN === 'demo' ? 'demo' : 'own', hub.router),
);

function keyOrGiveUp(): string {
  try {
    return hubKey(process.env.HUB_KEY as string | undefined, path.resolve('.hub-key'));
  } catch (problem) {
    return giveUp(problem instanceof Error ? problem.message : String(problem));
  }
}

function giveUp(message: string): never {
  console.error(message);
  process.exit(1);
}

/** Takes the wanted port, or the next free one unless a port was asked for by name. */
function listen(port: number) {
  server.once('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EADDRINUSE' && !process.env.PORT && port < wanted + TRIED)
      return listen(port + 1);
    giveUp(
      error.code === 'EADDRINUSE'
        ? `Port ${port} is taken: choose another with PORT=….`
        : `The server cannot listen on ${host}, port ${port}: ${error.code ?? error.message}.`,
    );
  });
  server.listen(port, host);
}

server.once('listening', () => {
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : wanted;
  const names = namesOf(host);
  for (const name of names) console.log(`Ombrello is at http://${name}:${port}`);
  const scales = `http://${names.at(-1)}:${port}/devices?key=${key}`;
  console.log(`Scale, thermometer or lid: ${scales}`);
  if (process.stdout.isTTY)
    void QRCode.toString(scales, { type: 'terminal', small: true }).then(console.log);
});
listen(wanted);

/** The names this machine answers to: for the whole network, its address in it too. */
function namesOf(bound: string): readonly string[] {
  if (bound !== '0.0.0.0') return [bound];
  const others = Object.values(networkInterfaces())
    .flatMap((of) => of ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
  return ['127.0.0.1', ...others];
}

function stop() {
  hub.stop();
  server.close(() => process.exit(0));
  server.closeAllConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
