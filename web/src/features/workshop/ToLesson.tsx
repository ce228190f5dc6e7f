import type { Wanted } from '@loxos/core';
import { ArrowRight } from 'lucide-react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { push } from '../../sync/push.ts';
import { partStep } from '../../sync/step.ts';
import { useLesson } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';

/** Makes the lane the flight that is wanted in the lesson the Workshop was opened from, and goes to its work. */
export function ToLesson({ lessonId, wanted }: { lessonId: string; wanted: Wanted }) {
  const { lesson } = useLesson(lessonId);
  const navigate = useNavigate();
  if (lesson === null) return null;
  const take = (): void => {
    void push(partStep(lessonId, 'setup', { wanted }));
    toast(`This is what ${lesson.player.name} wants today`);
    void navigate(`/lessons/${lessonId}/work`);
  };
  return (
    <Button look="main" onClick={take}>
      Take it to the work of {lesson.player.name} <ArrowRight aria-hidden size={16} />
    </Button>
  );
}
