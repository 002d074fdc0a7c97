import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';

/** A browser that is driven through its own driver, one page of it. */
export interface Engine {
  readonly goto: (url: string) => Promise<void>;
  /** Runs an expression in the page, waits for its promise, and returns its value, which must be JSON. */
  readonly evaluate: (expression: string) => Promise<unknown>;
  /** Presses keys as a person would: letters, or the codes of WebDriver for others. */
  readonly press: (keys: string) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** An engine that can be started where its programs are installed. */
export interface EngineKind {
  readonly name: string;
  /** The programs it needs, each with the Debian package that brings it. */
  readonly needs: readonly { readonly program: string; readonly from: string }[];
  readonly start: () => Promise<Engine>;
}

/** Key codes of the WebDriver standard. */
export const keys = { enter: '\uE007', space: ' ' } as const;

/** Key actions, as both drivers take them. */
export const keyActions = (text: string) => [
  {
    type: 'key',
    id: 'keyboard',
    actions: Array.from(text).flatMap((value) => [
      { type: 'keyDown', value },
      { type: 'keyUp', value },
    ]),
  },
];

/** Ends a program with all processes that it started, as browsers do. */
const kill = (pid: number): void => {
  try {
    process.kill(-pid, 'SIGKILL');
  } catch {
    // It has ended by itself.
  }
};

/** A program that runs until it is ended; what it prints is passed over. */
export const startProgram = (
  program: string,
  args: readonly string[],
): { readonly process: ChildProcess; readonly end: () => Promise<void> } => {
  const child = spawn(program, [...args], { stdio: 'ignore', detached: true });
  const end = async (): Promise<void> => {
    if (child.exitCode !== null || child.pid === undefined) return;
    const gone = once(child, 'exit');
    kill(child.pid);
    await gone;
  };
  process.once('exit', () => {
    if (child.exitCode === null && child.pid !== undefined) kill(child.pid);
  });
  return { process: child, end };
};

const tryEveryMs = 200;
const tries = 100;

/** Tries until something succeeds: a program takes a while to listen. */
export const retry = async <T>(attempt: () => Promise<T>): Promise<T> => {
  for (let n = 1; ; n += 1) {
    try {
      return await attempt();
    } catch (error) {
      if (n === tries) throw error;
      await new Promise((resolve) => setTimeout(resolve, tryEveryMs));
    }
  }
};
