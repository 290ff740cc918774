/** How a part in service failed. */
export const failureModes = ['deformed', 'brittle', 'cracked', 'faded', 'worn', 'chewed', 'other'] as const;
/** How a part in service failed. */
export type FailureMode = (typeof failureModes)[number];

/** How a part in service failed, in words. */
export const failureModeWords: Record<FailureMode, string> = {
  deformed: 'bent out of shape',
  brittle: 'gone brittle',
  cracked: 'cracked',
  faded: 'faded and chalky',
  worn: 'worn out',
  chewed: 'chewed',
  other: 'failed otherwise',
};

/** Ends of service that are no failures: the part was sound when it was last seen. */
export const soundEnds: ReadonlySet<string> = new Set(['lost', 'removed']);
