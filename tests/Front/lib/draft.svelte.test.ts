import { flushSync } from 'svelte';
import { expect, it } from 'vitest';
import { Draft } from '../../../resources/js/lib/draft.svelte';

interface Values {
  name: string;
  chairs: number;
}

function opened() {
  let record = $state.raw<Values>({ name: 'Fair', chairs: 1 });
  let open = $state(false);
  let draft!: Draft<Values>;
  const stop = $effect.root(() => {
    draft = new Draft(
      () => ({ ...record }),
      () => open,
    );
  });
  flushSync();

  return {
    draft,
    stop,
    read: (values: Values) => {
      record = values;
      flushSync();
    },
    set open(value: boolean) {
      open = value;
      flushSync();
    },
  };
}

it('keeps what is typed while the record is read again', () => {
  const form = opened();
  form.open = true;
  form.draft.values.name = 'Dune fair';
  form.read({ name: 'Fair', chairs: 1 });

  expect(form.draft.values).toEqual({ name: 'Dune fair', chairs: 1 });
  expect(form.draft.isOvertaken).toBe(false);
  form.stop();
});

it('says when the record was changed under it, and takes the change when asked', () => {
  const form = opened();
  form.open = true;
  form.draft.values.name = 'Dune fair';
  form.read({ name: 'Fair', chairs: 3 });

  expect(form.draft.values).toEqual({ name: 'Dune fair', chairs: 1 });
  expect(form.draft.isOvertaken).toBe(true);

  form.draft.begin();
  expect(form.draft.values).toEqual({ name: 'Fair', chairs: 3 });
  expect(form.draft.isOvertaken).toBe(false);
  form.stop();
});

it('is filled anew each time it is opened', () => {
  const form = opened();
  form.open = true;
  form.draft.values.name = 'Typed and left';
  form.open = false;
  form.read({ name: 'Fair', chairs: 2 });
  expect(form.draft.isOvertaken).toBe(false);

  form.open = true;
  expect(form.draft.values).toEqual({ name: 'Fair', chairs: 2 });
  form.stop();
});
