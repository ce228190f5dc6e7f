import { Monitor, Pause, Play, Radio } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { answerBay, changeBay, useGiveWaiting } from '../../../../api/bays.ts';
import type { Bay } from '../../../../api/client.ts';
import { useLive } from '../../../../sync/live.ts';
import { Button } from '../../../../ui/Button.tsx';
import { Confirm } from '../../../../ui/Confirm.tsx';
import { Notice } from '../../../../ui/Notice.tsx';
import { ShownLink } from '../../../../ui/ShownLink.tsx';
import { ballsText } from '../../../../ui/balls-text.ts';
import { formatDay } from '../../../../ui/day-text.ts';
import { Tone } from './Tone.tsx';

/** Returns whether a bay's sender is there, in words. */
function heardWords({ tokenAt, heardAt, isHeard }: Bay): string {
  if (tokenAt === null) return 'No monitor may send here yet: make its token in Settings.';
  if (heardAt === null) return 'Its monitor has not been heard yet.';
  return isHeard
    ? 'Its monitor is there.'
    : `Its monitor is silent since ${formatDay(heardAt, 'HH:mm')}.`;
}

/** Returns where a bay's balls go, in words. */
function whereWords({ isOn, lessonId, playerName }: Bay, here: string): string {
  if (!isOn) return 'Held: its balls wait.';
  if (lessonId === here) return 'Its balls come here.';
  return lessonId === null
    ? 'Its balls wait: they go to no lesson.'
    : `Its balls go to ${playerName ?? 'another lesson'}.`;
}

/** What a bay's first balls contradict, asked once. */
function Doubts({ bay }: { bay: Bay }) {
  return bay.doubts.map(({ text, choices }) => (
    <div key={text} className="border-l-4 border-look py-1 pl-3">
      <p className="font-semibold">{text}</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {choices.map(({ label, says, isLikely }) => (
          <Button
            key={label}
            look={isLikely ? 'main' : 'plain'}
            onClick={() => answerBay(bay, says)}
          >
            {label}
          </Button>
        ))}
      </div>
    </div>
  ));
}

/** What waits in a bay for a lesson. */
function Waiting({ bay, lessonId }: { bay: Bay; lessonId: string }) {
  const give = useGiveWaiting(bay);
  const [isAsking, setAsking] = useState(false);
  if (bay.waiting === 0) return null;
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span>{ballsText(bay.waiting)} wait in it.</span>
      <Button disabled={give.isPending} onClick={() => give.mutate(lessonId)}>
        Bring them in here
      </Button>
      <Button look="quiet" disabled={give.isPending} onClick={() => setAsking(true)}>
        Throw them away
      </Button>
      <Confirm
        open={isAsking}
        title={`Throw away what waits in ${bay.name}?`}
        what={`${ballsText(bay.waiting)} are in no lesson yet, and do not come back.`}
        yes="Throw them away"
        no="Keep them"
        usual="no"
        onYes={() => give.mutate(null)}
        onClose={() => setAsking(false)}
      />
      {give.error !== null && <Notice>{give.error.message}</Notice>}
    </div>
  );
}

/** The view that is read across the bay, for a second screen. */
function OtherScreen({ lessonId }: { lessonId: string }) {
  const [isShown, setShown] = useState(false);
  return (
    <div className="space-y-2">
      <Button look="quiet" aria-expanded={isShown} onClick={() => setShown(!isShown)}>
        <Monitor aria-hidden size={16} /> For a screen across the bay
      </Button>
      {isShown && (
        <ShownLink
          link={`${window.location.origin}/lessons/${lessonId}/across`}
          what="It shows the ball just hit, large, on any device that is signed in, and follows the lesson by itself."
        />
      )}
    </div>
  );
}

function OneBay({ bay, lessonId }: { bay: Bay; lessonId: string }) {
  const isHere = bay.lessonId === lessonId;
  return (
    <li className="space-y-2 border-t border-line py-3 first:border-t-0 first:pt-0">
      <p>
        <span className="text-lg font-semibold">{bay.name}</span>{' '}
        <span className="text-soft">
          {whereWords(bay, lessonId)} {heardWords(bay)}
        </span>
      </p>
      <div className="flex flex-wrap gap-2">
        {!isHere && (
          <Button onClick={() => changeBay(bay, { lessonId, isOn: true })}>
            <Radio aria-hidden size={16} /> Send its balls here
          </Button>
        )}
        {isHere && (
          <>
            <Button onClick={() => changeBay(bay, { isOn: !bay.isOn })}>
              {bay.isOn ? <Pause aria-hidden size={16} /> : <Play aria-hidden size={16} />}
              {bay.isOn ? 'Hold it' : 'Go on'}
            </Button>
            <Button look="quiet" onClick={() => changeBay(bay, { lessonId: null })}>
              Not here any more
            </Button>
          </>
        )}
      </div>
      <Waiting bay={bay} lessonId={lessonId} />
      <Doubts bay={bay} />
    </li>
  );
}

/** The bays, whether their monitors are there, and which of them sends its balls here. */
export function BayList({ bays, lessonId }: { bays: readonly Bay[]; lessonId: string }) {
  const line = useLive((state) => state.line);
  if (bays.length === 0)
    return (
      <p className="text-soft">
        A monitor that sends its balls by itself gets a bay in{' '}
        <Link to="/settings#bays" className="underline">
          Settings
        </Link>
        .
      </p>
    );
  return (
    <section aria-label="Bays" className="panel p-4">
      {line === 'lost' && (
        <p role="status" className="mb-2 font-semibold text-look">
          ▲ The line is broken. Balls are kept at the server and come when it is back.
        </p>
      )}
      <ul>
        {bays.map((bay) => (
          <OneBay key={bay.id} bay={bay} lessonId={lessonId} />
        ))}
      </ul>
      {bays.some((bay) => bay.lessonId === lessonId) && (
        <>
          <OtherScreen lessonId={lessonId} />
          <Tone />
        </>
      )}
    </section>
  );
}
