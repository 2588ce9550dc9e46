import type { DesignTape, Placement, StartingPoint } from '../../../api/types.gen';
import { TypedList } from '../../../steplines/typed.svelte';

export const beginnings = ['nothing', 'your own words', 'one of yours', 'a worked design'] as const;

export type Beginning = (typeof beginnings)[number];

/** A design about to be made: its name, where it is painted, and what it begins with. */
export class DesignStart {
  name = $state('');
  /** As chosen; null while a list may tell it. */
  chosenPlacement = $state<Placement | null>(null);
  beginning = $state<Beginning>('nothing');
  like = $state.raw<DesignTape | null>(null);
  point = $state.raw<StartingPoint | null>(null);
  readonly typed = new TypedList(
    () => this.chosenPlacement,
    undefined,
    () => this.name,
  );
  readonly placement: Placement = $derived.by(
    () =>
      this.chosenPlacement ??
      (this.beginning === 'your own words' ? this.typed.reading?.placement : undefined) ??
      'full_face',
  );

  /** Only where nothing else says it is the place asked for. */
  readonly asksPlacement: boolean = $derived.by(
    () => this.beginning === 'nothing' || this.beginning === 'your own words',
  );

  readonly isReady: boolean = $derived.by(() => {
    switch (this.beginning) {
      case 'nothing':
      case 'your own words':
        return true;
      case 'one of yours':
        return this.like !== null;
      case 'a worked design':
        return this.point !== null;
    }
  });

  /** The name of what it begins as stands in until another is typed. */
  readonly standIn: string = $derived.by(() => {
    switch (this.beginning) {
      case 'one of yours':
        return this.like === null ? '' : `${this.like.name} copy`;
      case 'a worked design':
        return this.point?.name ?? '';
      case 'your own words':
        return this.typed.reading?.title ?? '';
      default:
        return '';
    }
  });

  /** As the server takes it. */
  get asked(): object {
    const { placement, chosenPlacement } = this;
    const name = this.name.trim() === '' ? this.standIn : this.name;
    switch (this.beginning) {
      case 'nothing':
        return { name, placement };
      case 'your own words':
        return { name, placement: chosenPlacement, list: this.typed.text };
      case 'one of yours':
        return { name, placement, like: this.like?.id };
      case 'a worked design':
        return { name, placement, startingPoint: this.point?.name };
    }
  }
}
