/** An event that the line, as it stood at the event's own time, had no use for. Its message is for the painter. */
export class TapSetAside extends Error {}
