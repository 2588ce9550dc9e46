import { api } from '../../api/client';
import type { FaceSize, FittedDesign } from '../../api/types.gen';

/** Whom the design is tried on. */
export interface Person {
  size: FaceSize;
  beard: boolean;
  dislikesTouch: boolean;
  leftHanded: boolean;
}

const USUAL: Person = { size: 'child', beard: false, dislikesTouch: false, leftHanded: false };

/** A design tried on somebody; nothing of it is changed. */
export class TriedOn {
  person = $state.raw(USUAL);
  /** As it is on them; null on a usual child. */
  fitted = $state.raw<FittedDesign | null>(null);
  /** Why it could not be tried. */
  message = $state('');

  constructor(private readonly designId: string) {}

  async fitTo(change: Partial<Person>): Promise<void> {
    this.person = { ...this.person, ...change };
    await this.again();
  }

  /** After the design, or the person, has changed. */
  async again(): Promise<void> {
    const { person } = this;
    this.message = '';
    if (JSON.stringify(person) === JSON.stringify(USUAL)) {
      this.fitted = null;

      return;
    }
    const query = new URLSearchParams(
      Object.entries(person).map(([key, value]) => [
        key,
        typeof value === 'boolean' ? String(Number(value)) : value,
      ]),
    );
    try {
      const fitted = await api.get<FittedDesign>(`designs/${this.designId}/fitted?${query}`);
      if (person === this.person) {
        this.fitted = fitted;
      }
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    }
  }
}
