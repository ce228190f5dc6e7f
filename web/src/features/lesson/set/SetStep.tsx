import {
  causeLink,
  formatSideAngle,
  partOf,
  usualBallIn,
  valueWords,
  wantedWords,
} from '@loxos/core';
import type { AngleStyle, CauseLinkId, LinkValue, Observations, SetUpPart } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { useMay } from '../../../api/account.ts';
import { setUpBox, setUpPlan } from '../../../drawing/setup-plan.ts';
import { BodyNotes } from '../../../ui/BodyNotes.tsx';
import { SelectField } from '../../../ui/Field.tsx';
import { isTodayAt } from '../../../ui/academy-time.ts';
import { Figure } from '../../../ui/Figure.tsx';
import { LiveText } from '../../../ui/LiveText.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { Stepper } from '../../../ui/Stepper.tsx';
import { WantedChoice } from '../../../ui/WantedChoice.tsx';
import { clubOptions } from '../club-options.ts';
import { LessonMenu } from '../LessonMenu.tsx';
import type { StepProps } from '../lesson-work.ts';
import { setUp } from '../see.ts';
import { SinceLast } from '../SinceLast.tsx';
import { WordedLinks } from './WordedLinks.tsx';

const CLUBS = clubOptions('Not said');
const CAMERA = [
  ['', 'Not filming'],
  ['as drawn', 'Camera as drawn'],
  ['elsewhere', 'Camera elsewhere'],
] as const;
const LINES = [
  ['feet-line', 'feetDeg', 'Feet line'],
  ['hip-line', 'hipDeg', 'Hip line'],
  ['shoulder-line', 'shoulderDeg', 'Shoulder line'],
] as const;
const DISTANCES = [
  ['', 'Not looked at'],
  ['-1', 'Too near'],
  ['0', 'As it should be'],
  ['1', 'Too far'],
] as const;
type Set = (changes: Partial<SetUpPart>) => void;

function TargetAndClub({ value, set }: { value: SetUpPart; set: Set }) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <LiveText
        label="Target"
        hint="what it is"
        value={value.target}
        maxLength={200}
        onChange={(target) => set({ target })}
      />
      <SelectField
        label="Club"
        options={CLUBS}
        value={value.club ?? ''}
        onChange={(event) => set({ club: event.target.value === '' ? null : event.target.value })}
      />
    </div>
  );
}

interface SteppersProps {
  /** The words that Read was answered with. */
  readonly said: Observations;
  readonly value: SetUpPart;
  readonly angleStyle: AngleStyle;
  readonly set: Set;
}

/** The lines of the body, the ball and the hands, by steps. */
function SetUpSteppers({ value, said, angleStyle, set }: SteppersProps) {
  const wordOf = (id: CauseLinkId): string | undefined => {
    const word = said[id];
    return word === undefined ? undefined : valueWords(causeLink(id), word);
  };
  return (
    <>
      {LINES.map(([id, name, label]) => (
        <Stepper
          key={name}
          label={label}
          hint="degrees from the target line"
          value={value[name]}
          start={0}
          step={1}
          min={-30}
          max={30}
          show={(v) => formatSideAngle(v, angleStyle, 0)}
          onChange={(v) => set({ [name]: v })}
          word={wordOf(id)}
        />
      ))}
      <Stepper
        label="Ball position"
        hint="cm from the lead heel, minus is behind it"
        value={value.ballCm}
        start={-8}
        step={1}
        min={-40}
        max={15}
        show={(v) => `${v} cm`.replace('-', '−')}
        onChange={(ballCm) => set({ ballCm })}
        word={wordOf('ball-position')}
      />
      <Stepper
        label="Knuckles of the lead hand"
        hint="two are neutral"
        value={value.knuckles}
        start={2}
        step={1}
        min={0}
        max={4}
        show={String}
        onChange={(knuckles) => set({ knuckles })}
        word={wordOf('grip-strength')}
      />
    </>
  );
}

function Distance({ value, set }: { value: LinkValue | null; set: Set }) {
  return (
    <Segments
      legend="Distance from the ball, a spread hand from buckle to grip end"
      value={value === null ? '' : `${value}`}
      options={DISTANCES}
      onChange={(text) => set({ distance: text === '' ? null : (Number(text) as LinkValue) })}
    />
  );
}

function Camera({ value, set }: { value: SetUpPart['camera']; set: Set }) {
  return (
    <div>
      <Segments
        legend="Filming, at hand height on the line through the hands"
        value={value ?? ''}
        options={CAMERA}
        onChange={(camera) => set({ camera: camera === '' ? null : camera })}
      />
      {value === 'elsewhere' && (
        <p className="mt-1 text-soft">
          From elsewhere the film shows a path that is not there: judge face and path by the ball,
          not by the film.
        </p>
      )}
    </div>
  );
}

/** How the body feels today: whoever gives the lesson today must read it. */
function Body({ lesson, body, set }: { lesson: Lesson; body: string; set: Set }) {
  const mayPlan = useMay('plan');
  const isRead = lesson.player.isPersonalRead || (mayPlan && isTodayAt(lesson.startsAt));
  return (
    <>
      {isRead ? (
        <LiveText
          label="How the body feels today"
          value={body}
          maxLength={2000}
          onChange={(text) => set({ body: text })}
        />
      ) : (
        body !== '' && <p>▲ To mind that day: {body}.</p>
      )}
      <BodyNotes player={lesson.player} />
    </>
  );
}

/** What is seen before the first ball; everything may stay open, and shows up later as not looked at. */
export function SetStep({ lesson, worked }: Pick<StepProps, 'lesson' | 'worked'>) {
  const value = partOf(lesson, 'setup');
  const set: Set = (changes) => setUp(lesson, changes);
  const { hand } = lesson.player;
  const said = partOf(lesson, 'causes').observations;
  const usualCm = usualBallIn(lesson, worked.club?.group.club ?? null);
  return (
    <div className="mx-auto grid max-w-[1300px] gap-x-5 gap-y-3 px-3 py-3 lg:grid-cols-[1fr_28rem] lg:grid-rows-[auto_1fr] lg:px-4">
      <div className="min-w-0 lg:col-start-2">
        <SinceLast lesson={lesson} worked={worked} />
      </div>
      <div className="space-y-3 lg:col-start-1 lg:row-span-2 lg:row-start-1">
        <div className="flex items-start justify-between gap-2">
          <p className="text-lg">
            Pick the target from behind the ball, lay a stick on it, then look from the ground up.
            What nobody looked at stays open.
          </p>
          <span className="lg:hidden">
            <LessonMenu lesson={lesson} />
          </span>
        </div>
        <TargetAndClub value={value} set={set} />
        <WantedChoice
          legend={`Wanted today (the player wants: ${wantedWords(lesson.player.wanted.all).toLowerCase()})`}
          none="as the player wants"
          value={value.wanted}
          onChange={(wanted) => set({ wanted })}
        />
        <SetUpSteppers value={value} said={said} angleStyle={lesson.player.angleStyle} set={set} />
        <Distance value={value.distance ?? said.distance ?? null} set={set} />
        <WordedLinks lesson={lesson} worked={worked} />
        <Camera value={value.camera} set={set} />
        <Body lesson={lesson} body={value.body} set={set} />
      </div>
      <div className="min-w-0 lg:col-start-2">
        <Figure
          shapes={setUpPlan({ hand, usualCm, ...value })}
          box={setUpBox(hand)}
          title="Set-up from above"
          caption="From above, the target up; angles drawn twice as large"
          file="set-up"
          className="self-start"
          drawingClass="h-[calc(100vh-28rem)] min-h-72 w-full"
        />
      </div>
    </div>
  );
}
