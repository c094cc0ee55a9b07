/** Progress for people at a terminal. */
export function say(text: string): void {
  process.stdout.write(`${text}\n`);
}

/** A thing that went wrong and what to do about it; ends the command. */
export class PlainError extends Error {
  constructor(
    readonly what: string,
    readonly todo: string,
  ) {
    super(what);
    this.name = 'PlainError';
  }
}

/** Runs a command's body: a plain error is told plainly, anything else with its trace. */
export async function runCommand(body: () => Promise<void>): Promise<void> {
  try {
    await body();
  } catch (error) {
    if (error instanceof PlainError) process.stderr.write(`\ncadre: ${error.what}\n       ${error.todo}\n`);
    else
      process.stderr.write(
        `\ncadre: something went wrong that should not have\n${(error as Error).stack ?? String(error)}\n`,
      );
    process.exit(1);
  }
}
