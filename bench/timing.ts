/** Runs a task until it is warm, then often, and prints the middle and the best of its times in milliseconds. */
export function timed(name: string, runs: number, task: () => void, aim?: string): void {
  for (let i = 0; i < Math.min(runs, 20) / 2; i++) task();
  const times = Array.from({ length: runs }, () => {
    const begin = performance.now();
    task();
    return performance.now() - begin;
  }).sort((a, b) => a - b);
  report(name, `${middle(times).toFixed(2)} ms, best ${times[0]!.toFixed(2)} ms`, aim);
}

export const middle = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length / 2)]!;

/** One figure on one line. */
export function report(name: string, figure: string, aim = ''): void {
  console.log(`${name.padEnd(46)} ${figure.padEnd(30)} ${aim && `aim ${aim}`}`);
}
