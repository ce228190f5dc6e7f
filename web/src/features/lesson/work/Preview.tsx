import { askOfStation, findClub, partOf, stationCard } from '@loxos/core';
import type { Drill } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { Panel } from '../../../ui/Panel.tsx';
import { StationView } from '../../../ui/StationView.tsx';
import type { Worked } from '../lesson-work.ts';

/** How the first drill offered would be laid out, before it is given. */
export function Preview({
  lesson,
  worked,
  drill,
}: {
  lesson: Lesson;
  worked: Worked;
  drill: Drill;
}) {
  const { hand, lengthUnit } = lesson.player;
  const kind = findClub(worked.club?.group.club)?.kind ?? 'iron';
  const ask = askOfStation(partOf(lesson, 'work'), drill, worked.found?.work.stage ?? null, hand);
  return (
    <Panel name={`${drill.name}, laid out`} isTitled>
      <StationView
        card={stationCard(drill, { hand, kind, ...ask }, worked.gently)}
        unit={lengthUnit}
        files={false}
      />
    </Panel>
  );
}
