/** What a screen may ask for of a build, each by itself. */
export type Section =
  | 'head'
  | 'build'
  | 'agreed'
  | 'interview'
  | 'coverage'
  | 'parts'
  | 'make'
  | 'finish'
  | 'fit'
  | 'wiring'
  | 'glow'
  | 'tasks'
  | 'makeTasks'
  | 'finishTasks'
  | 'needs'
  | 'ordered'
  | 'basket'
  | 'budget'
  | 'findings'
  | 'chain'

/** What is seen at every stop. */
export const EVERYWHERE: Section[] = ['head', 'build', 'findings']

/** What is shown at a stop besides, by its address. */
export const AT_STOP: Record<string, Section[]> = {
  brief: ['interview', 'coverage', 'tasks'],
  concept: ['parts', 'coverage', 'budget'],
  fit: ['fit'],
  supply: ['needs', 'ordered', 'basket'],
  make: ['make', 'parts', 'makeTasks'],
  finish: ['finish', 'parts', 'finishTasks', 'needs'],
  light: ['fit', 'wiring', 'glow'],
  bench: ['tasks'],
  prove: ['tasks'],
  reveal: ['tasks', 'budget', 'agreed'],
  plan: ['tasks', 'chain'],
  money: ['budget'],
  history: [],
}
