import type { Delivery } from '@loxos/core';
import { Tabs } from 'radix-ui';
import type { WorkshopState } from '../../app/workshop-state.ts';
import { HowItWorks } from './HowItWorks.tsx';
import { BagPanel, LanePanel, SchoolsPanel, SplitPanel } from './panels.tsx';

const TAB =
  'min-h-11 border-b-3 border-transparent px-3 font-semibold hover:border-line data-[state=active]:border-look';
const PANELS = [
  ['split', 'Split', SplitPanel],
  ['bag', 'Bag', BagPanel],
  ['schools', 'Schools', SchoolsPanel],
  ['lane', 'Lane', LanePanel],
  ['how', 'How', HowItWorks],
] as const;

/** What a delivery means: split, through the bag, by the schools, for a lane, and how it is computed. */
export function Meanings({ state, delivery }: { state: WorkshopState; delivery: Delivery }) {
  return (
    <Tabs.Root defaultValue="split" className="contain-content panel p-3 self-start">
      <Tabs.List aria-label="What it means" className="mb-2 flex flex-wrap border-b border-line">
        {PANELS.map(([id, label]) => (
          <Tabs.Trigger key={id} value={id} className={TAB}>
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {PANELS.map(([id, , Panel]) => (
        <Tabs.Content key={id} value={id}>
          <Panel state={state} delivery={delivery} />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
