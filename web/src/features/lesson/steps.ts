/** The steps of a lesson in the order coaches work; keys are their places in it. */
export const STEPS = [
  { id: 'set', label: 'Set', key: '1' },
  { id: 'watch', label: 'Watch', key: '2' },
  { id: 'read', label: 'Read', key: '3' },
  { id: 'work', label: 'Work', key: '4' },
  { id: 'prove', label: 'Prove', key: '5' },
  { id: 'send', label: 'Send', key: '6' },
] as const;
export type StepId = (typeof STEPS)[number]['id'];
