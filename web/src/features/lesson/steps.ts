/** The steps of a lesson that this version has, in the order coaches work; keys are their places in it. */
export const STEPS = [
  { id: 'watch', label: 'Watch', key: '2' },
  { id: 'read', label: 'Read', key: '3' },
] as const;
