import type { DesignTape, Placement, StartingPoint } from '../../api/types.gen';
import { TypedLines } from '../../steplines/lines.svelte';

export const beginnings = ['nothing', 'typed lines', 'one of yours', 'a worked design'] as const;

export type Beginning = (typeof beginnings)[number];

/** A design about to be made: its name, where it is painted, and what it begins with. */
export class DesignStart {
  name = $state('');
  placement = $state<Placement>('full_face');
  beginning = $state<Beginning>('nothing');
  like = $state.raw<DesignTape | null>(null);
  point = $state.raw<StartingPoint | null>(null);
  readonly typed = new TypedLines();

  /** Only where nothing else says it is the place asked for. */
  readonly asksPlacement: boolean = $derived.by(
    () => this.beginning === 'nothing' || this.beginning === 'typed lines',
  );

  readonly isReady: boolean = $derived.by(() => {
    switch (this.beginning) {
      case 'nothing':
        return true;
      case 'typed lines':
        return this.typed.isClear;
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
      default:
        return '';
    }
  });

  /** As the server takes it. */
  get asked(): object {
    const { placement } = this;
    const name = this.name.trim() === '' ? this.standIn : this.name;
    switch (this.beginning) {
      case 'nothing':
        return { name, placement };
      case 'typed lines':
        return { name, placement, lines: this.typed.lines };
      case 'one of yours':
        return { name, placement, like: this.like?.id };
      case 'a worked design':
        return { name, placement, startingPoint: this.point?.name };
    }
  }
}
