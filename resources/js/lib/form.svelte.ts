import { Refusal } from '../api/client';

/** A form on its way to the server: busy or not, and what the server said against it. */
export class Submission {
  busy = $state(false);
  message = $state('');
  fields = $state.raw<Record<string, string[]>>({});

  /** Runs the work; true when it went well. */
  async run(work: () => Promise<unknown>): Promise<boolean> {
    this.busy = true;
    this.message = '';
    this.fields = {};
    try {
      await work();

      return true;
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
      this.fields = error instanceof Refusal ? error.fields : {};

      return false;
    } finally {
      this.busy = false;
    }
  }

  /** What the server said of a field, if anything. */
  of(field: string): string | undefined {
    return this.fields[field]?.[0];
  }
}
