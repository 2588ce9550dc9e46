import type { PlanStep } from '../../resources/js/api/types.gen';

/** A step with everything that a test does not care about filled in. */
export function planStep(step: Partial<PlanStep> = {}): PlanStep {
  return {
    seen: [],
    id: 'a',
    name: 'Base',
    medium: 'sponge',
    technique: 'stipple',
    tool: '',
    colours: [],
    zones: ['cheek'],
    side: 'both',
    coats: 1,
    load: 'normal',
    count: null,
    smallCount: null,
    shape: null,
    sizePercent: 100,
    turnDegrees: 0,
    guides: [],
    shut: null,
    optional: false,
    look: 5,
    group: '',
    alternatives: [],
    note: '',
    stopAfter: null,
    plannedMs: 1000,
    still: false,
    films: [],
    ...step,
  };
}
