import { isMirrored, turnedSides } from '@loxos/core';
import type { GroupReading, LessonReading, MirroredFact } from '@loxos/core';
import { useState } from 'react';
import type { Ball, Lesson, UpdateBall } from '../../../api/client.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/Field.tsx';
import { changeBalls } from '../ball-actions.ts';
import { clubOptions } from '../club-options.ts';

const CLUBS = clubOptions('Choose the club');

/** A club nobody named is asked for. */
function ClubAsk({ balls, label }: { balls: readonly Ball[]; label: string }) {
  const [club, setClub] = useState('');
  const name = (): void =>
    changeBalls(
      balls.map((ball) => ({ ball, changes: { club: club as UpdateBall['club'] } })),
      'club named',
    );
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <div className="w-56">
        <SelectField
          label={label}
          options={CLUBS}
          value={club}
          onChange={(event) => setClub(event.target.value)}
        />
      </div>
      <Button look="main" disabled={club === ''} onClick={name}>
        Name it
      </Button>
    </div>
  );
}

const FIX_LABELS: Readonly<Record<MirroredFact, string>> = {
  'face-mirrored': 'Turn the sign of the face angles',
  'path-mirrored': 'Turn the sign of the paths',
  'sides-mirrored': 'Turn the signs of face and path',
  'start-mirrored': 'Turn the sign of the starts',
  'axis-mirrored': 'Turn the sign of the spin axes',
};

/** What one tap would put right in the balls: a club to name, a sign to turn. */
export function Fixes({ lesson, reading }: { lesson: Lesson; reading: LessonReading }) {
  const ballsOf = ({ ballIds }: GroupReading): Ball[] => {
    const ids = new Set(ballIds);
    return lesson.balls.filter(({ id }) => ids.has(id));
  };
  return reading.clubs.map(({ group }) => {
    const key = group.ballIds[0];
    if (group.club === null) {
      const label = group.clubText === null ? 'Which club was it?' : `What is “${group.clubText}”?`;
      return <ClubAsk key={key} balls={ballsOf(group)} label={label} />;
    }
    return group.facts.map(({ kind }) =>
      isMirrored(kind) ? (
        <Button
          key={`${key} ${kind}`}
          className="mt-2"
          onClick={() =>
            changeBalls(
              ballsOf(group).map((ball) => ({ ball, changes: turnedSides(ball, kind) })),
              'sign turned',
            )
          }
        >
          {FIX_LABELS[kind]}
        </Button>
      ) : null,
    );
  });
}
