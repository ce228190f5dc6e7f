import { MoreHorizontal } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useMay } from '../../api/account.ts';
import type { Lesson } from '../../api/client.ts';
import { changeLesson, removeLesson } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { DateField } from '../../ui/DateField.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { MENU_ITEM, Menu } from '../../ui/Menu.tsx';
import { dayOf, instantAt, timeOf } from '../../ui/academy-time.ts';
import { TIME_PATTERN, TIME_TROUBLE } from '../../ui/day-text.ts';

function EditLesson({ lesson, onClose }: { lesson: Lesson; onClose: () => void }) {
  const [day, setDay] = useState(dayOf(lesson.startsAt));
  const [time, setTime] = useState(timeOf(lesson.startsAt));
  const [asked, setAsked] = useState(lesson.asked);
  const isTime = TIME_PATTERN.test(time);
  const save = (): void => {
    const startsAt = instantAt(day, time);
    changeLesson(lesson, { startsAt, asked });
    onClose();
  };
  return (
    <Modal title={`Lesson of ${lesson.player.name}`} open onClose={onClose}>
      <div className="space-y-3">
        <div className="grid grid-cols-2 gap-3">
          <DateField label="Day" value={day} onChange={setDay} />
          <TextField
            label="Time"
            value={time}
            error={isTime ? undefined : TIME_TROUBLE}
            onChange={(event) => setTime(event.target.value)}
          />
        </div>
        <TextField
          label="What the player asks for"
          value={asked}
          onChange={(event) => setAsked(event.target.value)}
        />
        <Button look="main" disabled={!isTime} onClick={save}>
          Save
        </Button>
      </div>
    </Modal>
  );
}

/** What can be done with the lesson as a whole. */
export function LessonMenu({ lesson }: { lesson: Lesson }) {
  const [isEditing, setEditing] = useState(false);
  const mayPlan = useMay('plan');
  const navigate = useNavigate();
  const takeAway = (): void => {
    void navigate('/');
    removeLesson(lesson);
  };
  return (
    <>
      <Menu label="Change or take away the lesson" icon={<MoreHorizontal aria-hidden />}>
        {mayPlan && (
          <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setEditing(true)}>
            Day, time, what was asked
          </DropdownMenu.Item>
        )}
        <DropdownMenu.Item
          className={MENU_ITEM}
          onSelect={() => void navigate(`/players/${lesson.player.id}`)}
        >
          To {lesson.player.name}
        </DropdownMenu.Item>
        {mayPlan && (
          <DropdownMenu.Item className={MENU_ITEM} onSelect={takeAway}>
            Take the lesson away
          </DropdownMenu.Item>
        )}
      </Menu>
      {isEditing && <EditLesson lesson={lesson} onClose={() => setEditing(false)} />}
    </>
  );
}
