import {
  COST_PER_OFFLINE,
  DEFAULT_BANDS,
  DEFAULT_DISPLAY_UNITS,
  bagView,
  convert,
  describeLane,
  finishText,
  formatLength,
  formatSideAngle,
  formatSideLength,
  fromSi,
  headOf,
  laneFor,
  predictBySchools,
  schoolWords,
  sensitivityOf,
  splitMiss,
  turnFace,
  wantedAsNow,
} from '@loxos/core';
import type { Delivery, LengthUnit } from '@loxos/core';
import { useMemo, useState } from 'react';
import { Glyph } from '../../drawing/Glyph.tsx';
import { Dial } from '../../ui/Dial.tsx';
import { ToLesson } from './ToLesson.tsx';
import { clubOf, flightOf } from '../../app/workshop-state.ts';
import type { WorkshopState } from '../../app/workshop-state.ts';

interface PanelProps {
  readonly state: WorkshopState;
  readonly delivery: Delivery;
}

const CELL = 'py-1 pl-2 text-right font-mono text-[0.92rem] whitespace-nowrap';
const HEAD = 'py-1 pl-2 text-right text-sm font-semibold text-soft';

const PARTS = [
  ['faceM', 'Face'],
  ['pathM', 'Path'],
  ['strikeM', 'Strike'],
  ['windM', 'Wind'],
] as const;

/** What each factor costs at landing. */
export function SplitPanel({ state, delivery }: PanelProps) {
  const split = useMemo(
    () => splitMiss(delivery, headOf(clubOf(state)), flightOf(state)),
    [state, delivery],
  );
  const widest = Math.max(1, ...PARTS.map(([part]) => Math.abs(split[part])));
  return (
    <div>
      <p className="mb-2">
        Lands <b>{finishText(split.totalM, { length: state.length })}</b>. Shared out over what
        caused it; the parts add up.
      </p>
      <ul className="space-y-1">
        {PARTS.map(([part, label]) => (
          <li key={part} className="grid grid-cols-[4rem_1fr_6.5rem] items-center gap-2">
            <span>{label}</span>
            <svg viewBox="-100 0 200 16" aria-hidden className="w-full">
              <path d="M0 0L0 16" stroke="var(--line)" strokeWidth={1} />
              <rect
                x={Math.min(0, (split[part] / widest) * 96)}
                y={3}
                width={Math.abs((split[part] / widest) * 96)}
                height={10}
                fill={
                  part === 'faceM'
                    ? 'var(--face)'
                    : part === 'pathM'
                      ? 'var(--path)'
                      : 'var(--faint)'
                }
              />
            </svg>
            <span className="text-right font-mono">
              {formatSideLength(split[part], state.length)}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function BagTable({ view, length }: { view: ReturnType<typeof bagView>; length: LengthUnit }) {
  return (
    <table className="w-full">
      <thead>
        <tr>
          <th scope="col" className="py-1 pl-2 text-left text-sm font-semibold text-soft">
            Club
          </th>
          <th scope="col" className={HEAD}>
            Bend {length}
          </th>
          <th scope="col" className={HEAD}>
            Carry {length}
          </th>
          <th scope="col" className={HEAD}>
            Lands {length}
          </th>
        </tr>
      </thead>
      <tbody>
        {view.rows.map((row) => (
          <tr
            key={row.club.id}
            className={`border-t border-line/60 ${row === view.longestWorth ? 'bg-wash font-semibold' : ''}`}
          >
            <td className="px-2 py-1">
              {row.club.label} <span className="text-sm text-soft">{row.name.name}</span>
            </td>
            <td className={CELL}>{bare(sideShort(row.curveM, length), length)}</td>
            <td className={CELL}>{bare(formatLength(row.carryM, length), length)}</td>
            <td className={CELL}>{bare(sideShort(row.offlineM, length), length)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The same delivery through the whole bag. */
export function BagPanel({ state, delivery }: PanelProps) {
  const [cost, setCost] = useState(COST_PER_OFFLINE);
  const { hand, faceAngleDeg, clubPathDeg, clubSpeedMps } = delivery;
  const driverSpeedMps = clubSpeedMps / clubOf(state).speedShare;
  const view = useMemo(
    () =>
      bagView(
        { hand, driverSpeedMps, faceAngleDeg, clubPathDeg },
        { costPerOffline: cost, flight: flightOf(state) },
      ),
    [state, hand, driverSpeedMps, faceAngleDeg, clubPathDeg, cost],
  );
  const { longestWorth: worth, longest } = view;
  return (
    <div>
      <p className="mb-2">
        With this face and path the longest club worth hitting is the{' '}
        <b>{worth.club.label.toLowerCase()}</b>
        {worth === longest
          ? '.'
          : `: the ${longest.club.label.toLowerCase()} carries ${formatLength(longest.carryM - worth.carryM, state.length)} further but misses by ${formatLength(Math.abs(longest.offlineM) - Math.abs(worth.offlineM), state.length)} more.`}
      </p>
      <Dial
        label="A step offline costs, in steps of carry"
        value={cost}
        min={0}
        max={6}
        step={0.5}
        unit=""
        onChange={setCost}
      />
      <BagTable view={view} length={state.length} />
    </div>
  );
}

const sideShort = (metres: number, unit: LengthUnit): string =>
  formatSideLength(metres, unit).replace('right', 'R').replace('left', 'L');

/** Without its unit, which stands above the column. */
const bare = (text: string, unit: LengthUnit): string => text.replace(` ${unit}`, '');

const SCHOOL_NOTES = {
  impact: 'falls out of the collision',
  'fixed-split': '85/15 face to path for woods, 75/25 for irons; common practice',
  'face-only': 'the face alone sets the start; teaching shorthand',
  'path-only': 'older teaching, contradicted by measurement',
} as const;

/** What each start rule says of this delivery. */
export function SchoolsPanel({ state, delivery }: PanelProps) {
  const rows = useMemo(
    () => predictBySchools(delivery, headOf(clubOf(state)), flightOf(state)),
    [state, delivery],
  );
  return (
    <ul className="space-y-2">
      {rows.map((row) => (
        <li
          key={row.school}
          className="grid grid-cols-[2rem_1fr_auto] items-center gap-2 border-b border-line/60 pb-2"
        >
          <Glyph
            angles={{
              faceAngleDeg: null,
              clubPathDeg: null,
              startDirectionDeg: row.startDirectionDeg,
            }}
            title={`Starts ${formatSideAngle(row.startDirectionDeg)}`}
          />
          <span>
            <b>{schoolWords(row.school)}</b>
            <span className="block text-sm text-soft">{SCHOOL_NOTES[row.school]}</span>
          </span>
          <span className="text-right font-mono">
            {formatSideAngle(row.startDirectionDeg)}
            <span className="block text-sm">{sideShort(row.offlineM, state.length)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}

/** What a degree of face, of path and of both does, from where they are. */
function Degree({ state, delivery }: PanelProps) {
  const degree = useMemo(
    () => sensitivityOf(delivery, headOf(clubOf(state)), flightOf(state)),
    [delivery, state],
  );
  return (
    <>
      <h3 className="pt-1 text-base">A degree, from where it is now</h3>
      <ul>
        <li>
          of face moves the landing{' '}
          {formatLength(Math.abs(degree.offlinePerFaceM), state.length, 1)}
        </li>
        <li>
          of path moves it {formatLength(Math.abs(degree.offlinePerPathM), state.length, 1)}{' '}
          {degree.offlinePerPathM * degree.offlinePerFaceM < 0 ? 'the other way' : 'the same way'}
        </li>
        <li>
          of face to path bends it{' '}
          {formatLength(Math.abs(degree.curvePerFaceToPathM), state.length, 1)}
        </li>
      </ul>
    </>
  );
}

/** What face and path a shape asks for, and what a degree does. */
export function LanePanel({ state, delivery }: PanelProps) {
  const [startDeg, setStartDeg] = useState(2);
  const [finishM, setFinishM] = useState(0);
  const club = clubOf(state);
  const { lane, straight } = useMemo(() => {
    const head = headOf(club);
    // The delivery as it would be with a square face: the lane turns it, and the loft follows.
    const square = turnFace(delivery, head, -delivery.faceAngleDeg);
    const base = { ...square, clubPathDeg: 0, strikeToeMm: 0, strikeHighMm: 0 };
    const shaped = { startDeg, finishOfflineM: finishM };
    return {
      lane: laneFor(shaped, base, head, flightOf(state)),
      straight: laneFor({ startDeg: 0, finishOfflineM: 0 }, base, head, flightOf(state)),
    };
  }, [club, state, delivery, startDeg, finishM]);
  return (
    <div className="space-y-2">
      <Dial
        label="Start mark"
        value={startDeg}
        min={-8}
        max={8}
        step={0.5}
        unit="° +R −L"
        onChange={setStartDeg}
      />
      <Dial
        label="Finish"
        value={fromSi(finishM, state.length)}
        min={-40}
        max={40}
        step={1}
        unit={`${state.length} +R −L`}
        onChange={(value) => setFinishM(convert(value, state.length, 'm'))}
      />
      {lane === null ? (
        <p className="font-semibold text-look">
          ▲ No face and path of a {club.label.toLowerCase()} give that ball.
        </p>
      ) : (
        <p>
          {describeLane(
            lane,
            straight,
            { hand: state.hand, startDeg, onTarget: finishM === 0 },
            { ...DEFAULT_DISPLAY_UNITS, length: state.length },
          )}
        </p>
      )}
      {lane !== null && state.lessonId !== null && (
        <ToLesson
          lessonId={state.lessonId}
          wanted={wantedAsNow({ ...lane, startDeg, offlineM: finishM }, state.hand, DEFAULT_BANDS)}
        />
      )}
      <Degree state={state} delivery={delivery} />
    </div>
  );
}
