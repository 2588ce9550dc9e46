import { api } from '../../../api/client';
import type { PaintKind, School, SchoolTime, Timing, TradeNumber, WaysSheet } from '../../../api/types.gen';
import { Wait } from '../../../lib/wait.svelte';
import { Submission } from '../../../lib/form.svelte';

/** How the painter works and how paint dries today; every change is told to whoever shows what hangs on it. */
export class Ways {
  sheet = $state.raw<WaysSheet | null>(null);
  /** How long the design on the bench takes by each school; empty until it is worked out. */
  times = $state.raw<readonly SchoolTime[]>([]);
  readonly form = new Submission();
  /** Working out what the schools cost takes a while, in which they can be chosen. */
  readonly reckoning = new Submission();
  wait = $state.raw(new Wait());

  constructor(private readonly changed: () => Promise<unknown>) {}

  async load(): Promise<void> {
    await this.form.run(async () => {
      this.sheet = await api.get<WaysSheet>('ways');
    });
  }

  /** Works out what each school costs on a design. */
  async timeSchools(design: string): Promise<void> {
    const wait = new Wait();
    this.wait = wait;
    await this.reckoning.run(async () => {
      this.times = (await wait.for(api.get<SchoolTime[]>(`designs/${design}/schools`, wait))) ?? [];
    });
  }

  setWeather(celsius: number, humidity: number, wind: number): Promise<boolean> {
    return this.put('ways/weather', { celsius, humidity, wind });
  }

  keepTouchTest(paintKind: PaintKind, tackyMs: number, dryMs: number): Promise<boolean> {
    return this.put('ways/touch-test', { paintKind, tackyMs, dryMs });
  }

  forgetTouchTest(): Promise<boolean> {
    return this.form.run(async () => {
      this.sheet = await api.delete<WaysSheet>('ways/touch-test');
      await this.changed();
    });
  }

  /** One school takes the place of the other of its question. */
  choose(question: string, school: School): Promise<boolean> {
    const schools = (this.sheet?.questions ?? []).map((one) =>
      one.question === question ? school : one.chosen,
    );

    return this.put('ways/schools', { schools });
  }

  setTiming(timing: Timing): Promise<boolean> {
    return this.put('ways/timing', { timing });
  }

  /** Nothing gives it back to the starting value. */
  setNumber(number: TradeNumber, value: number | null): Promise<boolean> {
    return this.put('ways/number', { number, value });
  }

  /** What was learnt of drying from how soon one went on. */
  forgetWork(): Promise<boolean> {
    return this.form.run(async () => {
      this.sheet = await api.delete<WaysSheet>('ways/work');
      await this.changed();
    });
  }

  private put(path: string, body: unknown): Promise<boolean> {
    return this.form.run(async () => {
      this.sheet = await api.put<WaysSheet>(path, body);
      await this.changed();
    });
  }
}
