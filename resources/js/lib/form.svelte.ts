import { Refusal, Unreachable } from '../api/client';

/** A form on its way to the server: busy or not, and what the server said against it. */
export class Submission {
  busy = $state(false);
  private message = $state('');
  private fields = $state.raw<Record<string, string[]>>({});
  /** Fields that show by themselves what is said of them. */
  private readonly placed = new Set<string>();

  /** Runs the work; true when it went well. */
  async run(work: () => Promise<unknown>): Promise<boolean> {
    this.busy = true;
    this.message = '';
    this.fields = {};
    try {
      await work();

      return true;
    } catch (error) {
      this.message = said(error);
      this.fields = error instanceof Refusal ? error.fields : {};

      return false;
    } finally {
      this.busy = false;
    }
  }

  /** What the server said of a field, if anything; shown beside that field. */
  of(field: string): string | undefined {
    this.placed.add(field);

    return this.fields[field]?.[0];
  }

  /** What is said of the whole form, or of a field that has no place of its own in it: for the form's head. */
  get general(): string | undefined {
    const fields = Object.keys(this.fields);
    const homeless = fields.find((field) => !this.placed.has(field));
    if (homeless !== undefined) {
      return this.fields[homeless]?.[0];
    }

    return fields.length === 0 && this.message !== '' ? this.message : undefined;
  }
}

/** In the painter's words, whatever went wrong. */
function said(error: unknown): string {
  if (error instanceof TypeError) {
    // A browser's own words for a request that got nowhere.
    return new Unreachable().message;
  }

  return error instanceof Error ? error.message : String(error);
}
