/** What the query cache keeps each thing under. */
export const keys = {
  players: ['players'] as const,
  lessons: ['lessons'] as const,
  lesson: (id: string) => ['lesson', id] as const,
  settings: ['settings'] as const,
  health: ['health'] as const,
  drills: ['drills'] as const,
  effects: (playerId: string) => ['effects', playerId] as const,
};
