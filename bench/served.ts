import { spawn } from 'node:child_process';

/** Serves the build with the demo kitchen while something is measured. */
export async function served(
  port: string,
  measure: (base: string) => Promise<void>,
): Promise<void> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: port, KITCHEN: 'demo' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((ready) => server.stdout.once('data', ready));
  try {
    await measure(`http://127.0.0.1:${port}`);
  } finally {
    server.kill();
  }
}
