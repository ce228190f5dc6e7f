import type { AddRepetition, PlayerPage } from '../api/client.ts';

/** What a player does at their page. */
export type Done =
  | { readonly op: 'tick'; readonly date: string; readonly done: boolean }
  | { readonly op: 'repeat'; readonly body: AddRepetition }
  | { readonly op: 'say'; readonly text: string };

/** Something done, kept on the phone until the server has it. */
export interface Entry {
  /** The name the server knows it by: sent twice, it is taken once. */
  readonly id: string;
  readonly order: number;
  readonly token: string;
  readonly at: string;
  readonly done: Done;
}

function applyOne(page: PlayerPage, { id, at, done }: Entry): PlayerPage {
  switch (done.op) {
    case 'tick': {
      const others = page.ticked.filter((day) => day !== done.date);
      return { ...page, ticked: done.done ? [...others, done.date] : others };
    }
    case 'repeat': {
      if (page.repetitions.some((repetition) => repetition.id === done.body.id)) return page;
      const { miss = '', doseStep = null, feltDeg = null, measuredDeg = null, ...rest } = done.body;
      const told = { miss, doseStep, feltDeg, measuredDeg };
      const logged = { ...rest, ...told, at, byPlayer: true };
      return { ...page, repetitions: [...page.repetitions, logged] };
    }
    case 'say':
      if (page.said.some((word) => word.id === id)) return page;
      return { ...page, said: [...page.said, { id, text: done.text, at }] };
  }
}

/** The page with everything done on this phone. */
export const withEntries = (page: PlayerPage, entries: readonly Entry[]): PlayerPage =>
  entries.reduce(applyOne, page);
