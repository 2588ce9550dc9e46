import { untrack } from 'svelte';

/**
 * Values that belong to a form from its opening until it is saved or closed, whatever is read again of the record meanwhile.
 *
 * Made while a component is set up.
 */
export class Draft<T> {
  values = $state() as T;
  private begunFrom = $state('');
  /** Whether the record says something else by now than when the form was filled from it. */
  readonly isOvertaken: boolean = $derived.by(
    () => this.isOpen() && this.begunFrom !== '' && JSON.stringify(this.record()) !== this.begunFrom,
  );

  /**
   * @param record what the form is filled from
   * @param isOpen from when on it is filled, once
   */
  constructor(
    private readonly record: () => T,
    private readonly isOpen: () => boolean,
  ) {
    this.values = untrack(record);
    $effect.pre(() => {
      if (isOpen()) {
        untrack(() => this.begin());
      } else {
        this.begunFrom = '';
      }
    });
  }

  /** From what the record says now; what was typed is gone. */
  begin(): void {
    const values = this.record();
    this.begunFrom = JSON.stringify(values);
    this.values = values;
  }
}
